-- Work that was asked for by name after a test, in words of the program, by commas; empty where none was.
alter table survey add column asked_work varchar(80) not null default '';
