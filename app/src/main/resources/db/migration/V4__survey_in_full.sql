-- How a blade departs from what was noted at the door: measures at stations, uneven sides, an old back bevel, a bend.
alter table survey add column departures jsonb not null default '{}';

-- Photographs of edges, made small and taken anew from what was sent: only the picture is kept.
create table photo (
    id        uuid primary key,
    tool_id   uuid        not null references tool,
    taken_at  timestamptz not null,
    person    varchar(80) not null,
    width_px  integer     not null check (width_px > 0),
    height_px integer     not null check (height_px > 0),
    jpeg      bytea       not null
);
create index photo_of_tool on photo (tool_id, taken_at);

-- The line of an edge, traced from offsets or on a photograph (mm).
create table trace (
    id        uuid primary key,
    tool_id   uuid        not null references tool,
    taken_at  timestamptz not null,
    person    varchar(80) not null,
    photo_id  uuid references photo,
    form      jsonb       not null,
    points    jsonb       not null
);
create index trace_of_tool on trace (tool_id, taken_at);
