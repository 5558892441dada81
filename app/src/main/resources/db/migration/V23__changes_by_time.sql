-- Changes are read page by page in the order of their time.

create index change_kept_at on change_kept (at, id);
