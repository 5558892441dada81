-- What a tool brings with it, asked once when it is taken in.
alter table tool add column age varchar(12) not null default 'UNKNOWN';
alter table tool add column makers_back varchar(12) not null default 'UNKNOWN';
alter table tool add column hard_layer_mm double precision;
alter table tool add column hard_layer_typed varchar(40) not null default '';
alter table tool add column lock_kind varchar(12) not null default 'UNKNOWN';
alter table tool add column kept_where varchar(12) not null default 'UNKNOWN';
