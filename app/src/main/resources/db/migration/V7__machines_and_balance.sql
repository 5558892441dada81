-- A machine: how it is made safe depends on what drives it, when its blades are due on how it runs.
create table machine (
    id          uuid primary key,
    name        varchar(80)  not null,
    power       varchar(10)  not null,
    per_minute  double precision check (per_minute > 0),
    season_from integer      not null check (season_from between 1 and 12),
    season_to   integer      not null check (season_to between 1 and 12),
    made_at     timestamptz  not null
);
create unique index machine_by_name on machine (lower(name));

-- Which blade belongs to which machine, and which of them is on it.
create table machine_blade (
    tool_id    uuid primary key references tool,
    machine_id uuid        not null references machine,
    fitted     boolean     not null,
    since      timestamptz not null,
    mass_g     double precision check (mass_g > 0),
    limits     jsonb       not null
);
create index blade_of_machine on machine_blade (machine_id);
create unique index one_blade_fitted on machine_blade (machine_id) where fitted;

-- A machine made safe: by whom, what was confirmed, and when it was given back.
create table isolation (
    id         uuid primary key,
    machine_id uuid         not null references machine,
    person     varchar(80)  not null check (person <> ''),
    at         timestamptz  not null,
    acts       jsonb        not null,
    lifted_at  timestamptz,
    lifted_by  varchar(80),
    lifted_why varchar(200)
);
create unique index one_isolation_in_force on isolation (machine_id) where lifted_at is null;

-- What a blade was found to be before its work; closed when it goes back.
create table inspection (
    id        uuid primary key,
    tool_id   uuid         not null references tool,
    person    varchar(80)  not null,
    at        timestamptz  not null,
    found     jsonb        not null,
    verdict   varchar(10)  not null,
    reasons   jsonb        not null,
    notes     jsonb        not null,
    corrects  varchar(300) not null,
    closed_at timestamptz
);
create index inspection_of_tool on inspection (tool_id, at);

-- Hours a machine ran, put down for the blade that was on it.
create table running_hours (
    id         uuid primary key,
    machine_id uuid             not null references machine,
    tool_id    uuid references tool,
    day        date             not null,
    hours      double precision not null check (hours > 0),
    ground     varchar(10)      not null,
    person     varchar(80)      not null,
    at         timestamptz      not null
);
create index hours_of_machine on running_hours (machine_id, day);

-- Ends, blades and edges are sides too.
alter table bench_event
    alter column side type varchar(16);

-- The torque a blade was put back with, by its maker's manual.
alter table finish_card
    add column torque varchar(40) not null default '';

-- Each time a blade was hung, and what then came off it.
create table balance_try (
    id             uuid primary key,
    tool_id        uuid             not null references tool,
    session_id     uuid             not null references bench_session,
    number         integer          not null,
    person         varchar(80)      not null,
    at             timestamptz      not null,
    typed          jsonb            not null,
    heavy          integer          not null,
    unbalance_gmm  double precision not null check (unbalance_gmm >= 0),
    resolution_gmm double precision not null check (resolution_gmm > 0),
    state          varchar(10)      not null,
    removed_g      double precision not null default 0 check (removed_g >= 0),
    removed_at     integer          not null default 0,
    removed_radius_mm double precision not null default 0,
    unique (session_id, number)
);
