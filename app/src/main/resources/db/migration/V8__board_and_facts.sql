-- Where each tool stands, one row each, kept true by the service in the transaction that changes the tool. Rows that are
-- missing are worked out when the service starts.
create table tool_standing (
    tool_id    uuid primary key references tool,
    name       varchar(120) not null,
    owner      varchar(80)  not null,
    kind       varchar(120) not null,
    wanted_by  date,
    layout     jsonb,
    powered    boolean      not null,
    standing   varchar(20)  not null,
    next       varchar(20)  not null,
    session_id uuid references bench_session,
    ready      boolean      not null,
    next_check date
);
create index standing_in_order on tool_standing (wanted_by asc nulls last, name);

-- Facts about the installation itself: how far the demonstration was made, which shop this is.
create table shop_fact (
    name  varchar(40) primary key,
    value text        not null
);
-- A demonstration that an earlier version made is whole.
insert into shop_fact select 'demonstration', 'WHOLE' where exists (select 1 from tool);

-- A lubricant may be called what it is called.
alter table abrasive alter column lubricant type varchar(80);

-- What hands have taught, as sums: reading it costs the same however long the log is. The service works the sums out
-- from the log once, and keeps them with every session from then on.
create table stroke_sum (
    person      varchar(80)      not null,
    abrasive_id uuid             not null references abrasive,
    kind        varchar(80)      not null,
    steel       varchar(60)      not null,
    ratios      integer          not null check (ratios >= 0),
    log_sum     double precision not null,
    log_squares double precision not null,
    primary key (person, abrasive_id, kind, steel)
);

-- The ratio that was to be expected where a session stood out; null where it did not.
alter table stroke_observation add column stood_out_from double precision;

create index session_of_tool on bench_session (tool_id, started_at);
create index card_of_session on finish_card (tool_id, at desc);
create index observation_standing_out on stroke_observation (at) where stood_out_from is not null;
