-- What was changed of tools, kit and rules, by whom, when, from what to what. Written by the database itself, so that no way of
-- changing them is left out. Who and when are told by the service for its connection: truekeen.person, truekeen.offset.
create table change_kept (
    id        bigint generated always as identity primary key,
    at        timestamptz not null,
    person    text        not null,
    thing     text        not null,
    thing_id  uuid,
    tool_id   uuid,
    name      text        not null,
    field     text        not null,
    was       text,
    becomes   text
);
create index change_kept_thing on change_kept (thing_id);
create index change_kept_tool on change_kept (tool_id);

-- The parts in which two values differ, down into their fields.
create function changed_parts(path text, was jsonb, becomes jsonb)
    returns table (field text, old_value text, new_value text) language plpgsql as $$
declare
    part text;
begin
    if was is not distinct from becomes then
        return;
    end if;
    -- What rounding makes of a figure on its way is no change.
    if jsonb_typeof(was) = 'number' and jsonb_typeof(becomes) = 'number'
            and abs((was #>> '{}')::numeric - (becomes #>> '{}')::numeric) < 0.000001 then
        return;
    end if;
    if jsonb_typeof(was) = 'object' and jsonb_typeof(becomes) = 'object' then
        for part in select jsonb_object_keys(was) union select jsonb_object_keys(becomes) loop
            return query select * from changed_parts(path || '.' || part, was -> part, becomes -> part);
        end loop;
        return;
    end if;
    return query select path, was #>> '{}', becomes #>> '{}';
end
$$;

-- Arguments of the trigger: columns whose change is no change of the thing but of its state.
create function keep_change() returns trigger language plpgsql as $$
declare
    was jsonb;
    becomes jsonb;
    row_now jsonb;
    part record;
    col text;
    told_at timestamptz := now() + coalesce(nullif(current_setting('truekeen.offset', true), ''), '0')::interval;
    told_by text := coalesce(current_setting('truekeen.person', true), '');
    rule boolean := tg_table_name = 'house_rule';
begin
    if current_setting('truekeen.restoring', true) = 'on' then
        return null;
    end if;
    was := case when tg_op = 'INSERT' then null else to_jsonb(old) end;
    becomes := case when tg_op = 'DELETE' then null else to_jsonb(new) end;
    row_now := coalesce(becomes, was);
    if rule then
        insert into change_kept (at, person, thing, thing_id, tool_id, name, field, was, becomes)
        select told_at, told_by, tg_table_name, null, (row_now ->> 'tool_id')::uuid, row_now ->> 'rule', 'choice',
               was ->> 'choice', becomes ->> 'choice'
        where was ->> 'choice' is distinct from becomes ->> 'choice';
        return null;
    end if;
    if tg_op = 'DELETE' then
        -- What is gone for good takes what is known of it along.
        delete from change_kept where thing_id = old.id or tool_id = old.id;
        return null;
    end if;
    if tg_op = 'INSERT' then
        insert into change_kept (at, person, thing, thing_id, tool_id, name, field, was, becomes)
        values (told_at, told_by, tg_table_name, new.id, case when tg_table_name = 'tool' then new.id end, new.name, '', null, '');
        return null;
    end if;
    for col in select jsonb_object_keys(becomes) loop
        if not (col = any (tg_argv::text[])) then
            for part in select * from changed_parts(col, was -> col, becomes -> col) loop
                insert into change_kept (at, person, thing, thing_id, tool_id, name, field, was, becomes)
                values (told_at, told_by, tg_table_name, new.id, case when tg_table_name = 'tool' then new.id end, new.name,
                        part.field, part.old_value, part.new_value);
            end loop;
        end if;
    end loop;
    return null;
end
$$;

create trigger keep_change after insert or update or delete on tool for each row execute function keep_change(
    'version', 'typed', 'scratch_um', 'sharpenings_since_broad_face', 'brought_at', 'away_since', 'taken_in_at', 'pinned',
    'measured_sharpenings', 'unmeasured_sharpenings', 'length_measured_mm', 'measured_loss_mm', 'hard_layer_typed');
create trigger keep_change after insert or update or delete on abrasive for each row execute function keep_change(
    'version', 'strokes_since_lapped', 'flat', 'soaking_since', 'shelf_order', 'glazed', 'oil_inside', 'worn', 'dish_mm',
    'nicked', 'charged_at', 'length_typed');
create trigger keep_change after insert or update or delete on holder for each row execute function keep_change(
    'version', 'typed', 'blocks_typed', 'calibrated_at');
create trigger keep_change after insert or update or delete on wheel for each row execute function keep_change('version');
create trigger keep_change after insert or update or delete on tester for each row execute function keep_change('version');
create trigger keep_change after insert or update or delete on house_rule for each row execute function keep_change();
