-- Who may open the shop from another device of its network. Only digests are kept; in no backup and no export.
create table passphrase (
    may     text        primary key check (may in ('OWNER', 'HAND')),
    digest  text        not null,
    set_at  timestamptz not null
);
create table tablet (
    id          uuid primary key,
    name        text        not null,
    may         text        not null check (may in ('OWNER', 'HAND')),
    token       text        not null unique,
    since       timestamptz not null,
    last_seen   timestamptz not null,
    address     text        not null
);
