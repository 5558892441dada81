-- Whatever holds an angle, each kind by its own dimensions (mm, degrees), and the wheels some of them stand before.
create table wheel (
    id            uuid primary key,
    name          varchar(80)      not null,
    kind          varchar(20)      not null,
    diameter_mm   double precision not null check (diameter_mm > 0),
    turns_per_min double precision,
    marked_ms     double precision,
    note          varchar(500)     not null,
    version       bigint           not null
);

-- A wheel's diameter after every truing; the last one is the wheel's own.
create table wheel_truing (
    id          uuid primary key,
    wheel_id    uuid             not null references wheel,
    at          timestamptz      not null,
    diameter_mm double precision not null check (diameter_mm > 0),
    person      varchar(80)      not null
);
create index truing_of_wheel on wheel_truing (wheel_id, at);

create table holder (
    id            uuid primary key,
    name          varchar(80)  not null,
    kind          varchar(20)  not null,
    dimensions    jsonb        not null,
    typed         jsonb        not null,
    blocks_mm     jsonb        not null,
    blocks_typed  varchar(300) not null,
    wheel_id      uuid references wheel,
    note          varchar(500) not null,
    calibration   jsonb,
    calibrated_at timestamptz,
    version       bigint       not null
);
insert into holder
    select id, name, 'ROLLER_GUIDE',
        jsonb_build_object(
            'rollerRadius', roller_radius_mm, 'axleBelowBack', axle_below_back_mm, 'axleSetback', axle_setback_mm),
        jsonb_build_object(
            'rollerRadius', roller_radius_mm::text, 'axleBelowBack', axle_below_back_mm::text,
            'axleSetback', axle_setback_mm::text),
        '[]', '', null, note, null, null, version
    from guide;

-- A set-up is held by any of them, and keeps what is set for each bevel.
alter table setup add column holder_id uuid references holder;
alter table setup add column settings jsonb not null default '[]';
alter table setup add column ink_deg double precision not null default 0;
alter table setup add column restated jsonb not null default '[]';
update setup set holder_id = guide_id;
update setup set settings =
    case
        when projection_last_mm is null then '[]'::jsonb
        when primary_deg = last_deg then jsonb_build_array(jsonb_build_object(
            'bevel', 'bevel', 'angleDeg', last_deg, 'name', 'projection', 'unit', 'mm', 'value', projection_last_mm))
        else jsonb_build_array(
            jsonb_build_object(
                'bevel', 'primary', 'angleDeg', primary_deg, 'name', 'projection', 'unit', 'mm',
                'value', projection_primary_mm),
            jsonb_build_object(
                'bevel', 'secondary', 'angleDeg', last_deg, 'name', 'projection', 'unit', 'mm',
                'value', projection_last_mm))
    end;
update setup set typed =
    (typed - 'guideId') || jsonb_build_object('holderId', coalesce(typed -> 'guideId', '""'::jsonb), 'standsAt', '');
alter table setup drop column guide_id, drop column projection_primary_mm, drop column projection_last_mm;
drop table guide;
create index setup_on_holder on setup (holder_id);
