-- Rounds of training: what was practised, by whom, how hard, and whether a practitioner would have said the same.
create table training_round (
    id uuid primary key,
    exercise text not null,
    grade integer not null check (grade between 1 and 3),
    person text not null,
    answered_right boolean not null,
    at timestamp with time zone not null
);

create index training_round_person on training_round (person, at);
