-- In what the shop reads what it measures. No row until somebody picked: the shop is asked, nothing is guessed.
create table picked_units (
    id smallint primary key check (id = 1),
    lengths varchar(24) not null,
    forces varchar(24) not null,
    masses varchar(24) not null
);
