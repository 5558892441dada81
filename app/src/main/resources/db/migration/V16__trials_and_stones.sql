-- A trial: the same edge finished in two to four ways, used alike and read as it dulls.
create table trial (
    id          uuid primary key,
    version     bigint             not null,
    at          timestamptz        not null,
    name        varchar(120)       not null,
    question    varchar(24)        not null,
    unit        varchar(16)        not null,
    ways        text[]             not null,
    checkpoints double precision[] not null,
    stations    integer            not null check (stations > 0),
    rounds      integer            not null check (rounds > 0),
    blind       boolean            not null,
    person      varchar(80)        not null,
    uncovered_at timestamptz,
    ended_at    timestamptz,
    deleted_at  timestamptz
);

-- One edge of a trial, in the order in which they are made.
create table trial_edge (
    id       uuid primary key,
    trial_id uuid        not null references trial on delete cascade,
    place    integer     not null check (place > 0),
    round    integer     not null check (round > 0),
    way      integer     not null check (way >= 0),
    ended    varchar(12) not null,
    strokes  integer check (strokes >= 0),
    regained boolean,
    unique (trial_id, place)
);

-- What the tester read at a station; one that was read again is kept and no longer counts.
create table trial_reading (
    id          uuid primary key,
    edge_id     uuid             not null references trial_edge on delete cascade,
    use         double precision not null check (use >= 0),
    station     integer          not null check (station > 0),
    grams       double precision not null check (grams > 0),
    repeated    boolean          not null,
    at          timestamptz      not null,
    person      varchar(80)      not null,
    replaced_at timestamptz
);
create unique index trial_reading_counts on trial_reading (edge_id, use, station) where replaced_at is null;

-- Strokes on a piece of the kit, day by day: how fast it wears.
create table stroke_day (
    abrasive_id uuid    not null references abrasive on delete cascade,
    day         date    not null,
    strokes     integer not null check (strokes > 0),
    primary key (abrasive_id, day)
);

-- How thick a stone was when somebody measured it.
create table stone_thickness (
    id          uuid primary key,
    abrasive_id uuid             not null references abrasive on delete cascade,
    day         date             not null,
    mm          double precision not null check (mm > 0),
    unique (abrasive_id, day)
);
