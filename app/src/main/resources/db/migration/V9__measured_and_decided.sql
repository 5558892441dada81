-- What was measured of a tool's length, as sums; what plans foresaw is no measurement. Tools that were worked before this
-- was kept begin with the length that the first session found.
alter table tool add column measured_loss_mm double precision not null default 0;
alter table tool add column measured_sharpenings integer not null default 0;
alter table tool add column length_measured_mm double precision;
alter table tool add column unmeasured_sharpenings integer not null default 0;
alter table tool add column sharpenings_since_broad_face integer not null default 0;
update tool t set
    length_measured_mm = (select w.usable_before_mm from wear w where w.tool_id = t.id order by w.at limit 1),
    unmeasured_sharpenings = (select count(*) from wear w where w.tool_id = t.id),
    sharpenings_since_broad_face = (select count(*) from wear w where w.tool_id = t.id);

-- What a person decided on the repair page for the edge as it was surveyed: what becomes of the back, and on which wheel,
-- belt or file the big shaping is done (or by hand). Empty where the house decides.
alter table survey add column back_decision varchar(20);
alter table survey add column grind_on varchar(40);

-- The edition of the removal that strokes were predicted with: what the first one predicted teaches nothing about the second.
alter table stroke_observation add column edition integer not null default 1;
