-- What was asked under a key, and what was answered: a request that is sent again is answered again, not done again.
-- Kept for a day; in no backup and no export.
create table answered_request (
    key         uuid primary key,
    asked       text        not null,
    begun_at    timestamptz not null,
    status      int,
    kind        text,
    answer      text
);
create index answered_request_begun on answered_request (begun_at);
