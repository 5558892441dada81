-- Every family of tools has dimensions of its own: they are kept by name, in mm, degrees and counts.
alter table tool add column geometry varchar(40);
alter table tool add column dimensions jsonb;
alter table tool add column hardness_hrc double precision;
update tool set
    geometry = case when trade like 'skew chisel%' then 'SKEW_CHISEL' else 'CHISEL' end,
    dimensions = jsonb_strip_nulls(jsonb_build_object(
        'width', width_mm,
        'thickness', thickness_mm,
        'usableLength', usable_length_mm,
        'retireLength', retire_length_mm,
        'primary', primary_deg,
        'secondary', secondary_deg,
        'secondaryWidth', secondary_width_mm,
        'skew', case when trade like 'skew chisel%' then skew_deg end));
alter table tool alter column geometry set not null;
alter table tool alter column dimensions set not null;
alter table tool
    drop column width_mm, drop column thickness_mm, drop column usable_length_mm, drop column retire_length_mm,
    drop column primary_deg, drop column secondary_deg, drop column secondary_width_mm, drop column skew_deg;

-- A set-up may be held by hand, and may ask for a back bevel, a hollow, a camber.
alter table setup alter column guide_id drop not null;
alter table setup alter column projection_primary_mm drop not null;
alter table setup alter column projection_last_mm drop not null;
alter table setup add column back_deg double precision;
alter table setup add column wheel_mm double precision;
alter table setup add column camber_mm double precision;

-- What was typed before reads like what is typed now.
update setup set typed = jsonb_build_object(
    'trade', '', 'primary', coalesce(typed ->> 'primary', ''), 'last', coalesce(typed ->> 'last', ''),
    'backBevel', '', 'ruleThickness', '', 'ruleReach', '', 'wheelDiameter', '', 'camber', '', 'shaving', '',
    'strokes', '', 'otherPrimary', '', 'otherLast', '', 'guideId', guide_id::text, 'name', name, 'version', 0);
update survey set form = form || '{"fared": ""}'::jsonb;
update tool set typed = (
    select coalesce(jsonb_object_agg(key, value), '{}'::jsonb) from jsonb_each_text(typed) where value <> '');

-- How an edge fared between two sharpenings: told by a survey, or by whoever brought the tool.
create table edge_outcome (
    id        uuid primary key,
    tool_id   uuid             not null references tool,
    survey_id uuid references survey,
    at        timestamptz      not null,
    last_deg  double precision not null,
    result    varchar(10)      not null
);
create index outcome_of_tool on edge_outcome (tool_id, at);

-- House rules: what the shop picked, and what single tools are excepted from.
create table house_rule (
    id      uuid primary key,
    tool_id uuid references tool,
    rule    varchar(30) not null,
    choice  varchar(20) not null,
    unique nulls not distinct (tool_id, rule)
);
