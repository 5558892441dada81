-- What is seen and read at a step, and where along a cambered edge strokes were taken.
alter table bench_event
    add column station integer not null default 0 check (station >= 0),
    add column sign    varchar(24),
    add column from_mm double precision,
    add column to_mm   double precision,
    add column value   double precision;

-- A test is signs and, where it was read, force; its judgement is what may be wrong.
alter table edge_test
    alter column reference_g drop not null,
    alter column verdict drop not null,
    add column seen      jsonb not null default '[]',
    add column diagnosis jsonb,
    add column found     text  not null default '';

update edge_test t
set seen  = coalesce((select jsonb_agg(jsonb_build_object('sign', 'BRIGHT', 'where', l)) from jsonb_array_elements(t.light) l), '[]'),
    found = coalesce((select string_agg(f ->> 'why', ' ') from jsonb_array_elements(t.verdict -> 'faults') f), ''),
    verdict = t.verdict - 'faults';

alter table edge_test drop column light;

-- A remedy that was accepted, and what the next test said of it.
create table remedy_trial (
    id       uuid primary key,
    tool_id  uuid        not null references tool,
    test_id  uuid        not null references edge_test,
    after_id uuid references edge_test,
    remedy   varchar(40) not null,
    finding  jsonb       not null,
    worked   boolean,
    at       timestamptz not null,
    check ((after_id is null) = (worked is null))
);
create index trial_of_remedy on remedy_trial (remedy);
create index trial_of_test on remedy_trial (test_id);

-- How a tool went back to work.
create table finish_card (
    session_id  uuid primary key references bench_session,
    tool_id     uuid         not null references tool,
    at          timestamptz  not null,
    person      varchar(80)  not null,
    done        jsonb        not null,
    seen        jsonb        not null,
    cap_iron_mm double precision check (cap_iron_mm > 0),
    cap_typed   varchar(40)  not null,
    next_check  date         not null
);
create index card_of_tool on finish_card (tool_id, at);

-- What runs beside the work.
create table bench_timer (
    id         uuid primary key,
    kind       varchar(8)  not null,
    label      varchar(80) not null,
    started_at timestamptz not null,
    seconds    integer     not null check (seconds > 0),
    stopped_at timestamptz
);
create index timer_running on bench_timer (started_at) where stopped_at is null;
