-- What the bench does on a day, in its order. Each planning is a row of its own; the newest of a day is the plan.
create table day_plan (
    id uuid primary key,
    day date not null,
    made_at timestamptz not null,
    begins_at timestamptz not null,
    wishes jsonb not null,
    timetable jsonb not null
);
create index day_plan_newest on day_plan (day, made_at desc);

-- What was got done since a day says what can be promised.
create index bench_session_finished on bench_session (finished_at) where finished_at is not null;
