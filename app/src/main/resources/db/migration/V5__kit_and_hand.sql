-- The kit as it really is: what a piece is like to work on, how it stands, and what it flattens.
alter table abrasive
    add column firmness       varchar(8)       not null default 'UNKNOWN',
    add column favourite      boolean          not null default false,
    add column slurry         varchar(8)       not null default 'HOUSE',
    add column length_mm      double precision check (length_mm > 0),
    add column length_typed   varchar(40)      not null default '',
    add column glazed         boolean          not null default false,
    add column oil_inside     boolean          not null default false,
    add column worn           double precision not null default 0 check (worn >= 0 and worn <= 1),
    add column dish_mm        double precision check (dish_mm >= 0),
    add column laps           boolean          not null default false,
    add column laps_finest_um double precision,
    add column laps_coarsest_um double precision,
    add column nicked         boolean          not null default false,
    add column charged_at     timestamptz;

-- What runs under power is a wheel or a belt.
update abrasive set shape = case when kind = 'abrasive belt' then 'BELT' else 'WHEEL' end where shape = 'POWERED';

-- Whatever has stood with oil has oil inside.
update abrasive set oil_inside = true where lubricant = 'oil';

-- Strokes done over strokes predicted, one for each step of a finished session: what a hand teaches.
create table stroke_observation (
    id          uuid primary key,
    session_id  uuid             not null references bench_session,
    step        integer          not null,
    person      varchar(80)      not null,
    abrasive_id uuid             not null references abrasive,
    kind        varchar(80)      not null,
    steel       varchar(60)      not null,
    predicted   double precision not null check (predicted > 0),
    done        integer          not null check (done > 0),
    at          timestamptz      not null,
    judged      varchar(8)       not null,
    unique (session_id, step)
);
create index observation_of_person on stroke_observation (person, at);

-- The stones a person always does a work on, coarse first.
create table usual_way (
    id     uuid primary key,
    person varchar(80)  not null,
    trade  varchar(120) not null,
    stones jsonb        not null,
    unique (person, trade)
);

-- Lines of a history that were read in from elsewhere.
create table log_note (
    id      uuid primary key,
    tool_id uuid         not null references tool,
    at      timestamptz  not null,
    title   varchar(200) not null,
    line    varchar(2000) not null,
    unique (tool_id, at, title)
);
