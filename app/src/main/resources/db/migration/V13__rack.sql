-- A tool can be retired, pinned to the top of the rack, and deleted: it is hidden at once and gone for good later.
alter table tool add column retired_at timestamptz;
alter table tool add column deleted_at timestamptz;
alter table tool add column pinned boolean not null default false;

-- The rack shows what a tool is made of, its damage, and what was touched last. Its rows are worked out anew at the start.
delete from tool_standing;
alter table tool_standing add column family varchar(24);
alter table tool_standing add column steel varchar(80) not null default '';
alter table tool_standing add column marks jsonb;
alter table tool_standing add column retired boolean not null default false;
alter table tool_standing add column pinned boolean not null default false;
alter table tool_standing add column touched_at timestamptz;

-- What belongs to a tool goes with it. Hours of a machine stay the machine's.
do $$
declare
    c record;
begin
    for c in
        select con.conname, con.conrelid::regclass as child, con.confrelid::regclass as parent,
               pg_get_constraintdef(con.oid) as definition
        from pg_constraint con
        where con.contype = 'f'
          and con.confdeltype = 'a'
          and con.connamespace = current_schema()::regnamespace
          and con.confrelid in ('tool'::regclass, 'survey'::regclass, 'setup'::regclass, 'plan'::regclass,
                                'bench_session'::regclass, 'edge_test'::regclass, 'photo'::regclass)
    loop
        execute format('alter table %s drop constraint %I', c.child, c.conname);
        execute format('alter table %s add constraint %I %s on delete %s', c.child, c.conname, c.definition,
                       case when c.child = 'running_hours'::regclass then 'set null' else 'cascade' end);
    end loop;
end
$$;

-- Lines put down by mistake are hidden, and can be brought back.
alter table log_note add column deleted_at timestamptz;
alter table running_hours add column deleted_at timestamptz;

-- A piece of the kit that is deleted can be brought back.
alter table abrasive add column deleted_at timestamptz;
alter table holder add column deleted_at timestamptz;
alter table wheel add column deleted_at timestamptz;
alter table tester add column deleted_at timestamptz;
