-- What a tool did since its sharpening, in the unit of its work.
create table tool_use (
    id         uuid primary key,
    tool_id    uuid             not null references tool on delete cascade,
    at         timestamptz      not null,
    amount     double precision not null check (amount > 0),
    person     varchar(80)      not null,
    deleted_at timestamptz
);
create index tool_use_of_tool on tool_use (tool_id, at);

-- How keen it was in use, away from the bench.
create table use_reading (
    id          uuid primary key,
    tool_id     uuid             not null references tool on delete cascade,
    at          timestamptz      not null,
    grams       double precision not null check (grams > 0),
    reference_g double precision not null check (reference_g > 0),
    person      varchar(80)      not null,
    deleted_at  timestamptz
);
create index use_reading_of_tool on use_reading (tool_id, at);

-- What brought the edge back between two sharpenings, and whether it did.
create table touch_up (
    id          uuid primary key,
    tool_id     uuid        not null references tool on delete cascade,
    at          timestamptz not null,
    rung        varchar(24) not null,
    strokes     integer     not null check (strokes >= 0),
    regained    boolean     not null,
    before_g    double precision,
    after_g     double precision,
    reference_g double precision,
    person      varchar(80) not null,
    deleted_at  timestamptz
);
create index touch_up_of_tool on touch_up (tool_id, at);

-- What the next sharpening should do otherwise: shown when the tool comes back, until somebody says that it was done.
create table next_time (
    id      uuid primary key,
    tool_id uuid         not null references tool on delete cascade,
    at      timestamptz  not null,
    words   varchar(300) not null,
    person  varchar(80)  not null,
    done_at timestamptz
);
create index next_time_of_tool on next_time (tool_id, at);
