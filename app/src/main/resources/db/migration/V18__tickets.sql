-- What somebody brought at once. The name and the contact of a person can be deleted and go nowhere else.
create sequence ticket_number;

create table ticket (
    id           uuid primary key,
    number       integer     not null unique,
    crew_id      uuid references crew on delete set null,
    brought_by   text        not null default '',
    contact      text        not null default '',
    promised     date,
    agreed       text        not null default '',
    came_at      timestamptz not null,
    forgotten_at timestamptz,
    version      bigint      not null
);
create index ticket_came on ticket (came_at);

create table ticket_thing (
    id         uuid primary key,
    ticket_id  uuid        not null references ticket on delete cascade,
    tool_id    uuid        not null references tool on delete cascade,
    place      integer     not null,
    brought_at timestamptz not null,
    left_how   text check (left_how in ('DONE', 'UNDONE')),
    left_at    timestamptz,
    handed_to  text        not null default '',
    charged    text        not null default '',
    check ((left_how is null) = (left_at is null))
);
create index thing_of_ticket on ticket_thing (ticket_id, place);
create index thing_of_tool on ticket_thing (tool_id);
-- A thing lies on one ticket at a time.
create unique index thing_here on ticket_thing (tool_id) where left_at is null;

-- A tool that was brought again wants work though it is sharp by its record; one that was taken back undone is away.
alter table tool
    add column brought_at timestamptz,
    add column away_since timestamptz;
alter table tool_standing
    add column away boolean not null default false;

-- A promise is kept once the work is done: what lies ready is wanted for no day any more.
update tool t
set wanted_by = null
where wanted_by is not null
  and exists (select 1 from bench_session s
              where s.tool_id = t.id and s.finished_at is not null
                and not exists (select 1 from bench_session o where o.tool_id = t.id and o.finished_at is null)
                and not exists (select 1 from survey v where v.tool_id = t.id and v.taken_at > s.finished_at));
update tool_standing s
set wanted_by = null
where ready;
