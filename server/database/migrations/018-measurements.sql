-- what a key may beside reading: 'report' sends measurements of what was built
alter table access_keys add column scopes text[] not null default '{read}' check (scopes <@ '{read,report}' and 'read' = any(scopes));

-- Running pages as builds measured them: boxes and texts' sizes, never words or pictures. How much was off stays; the pages go
-- when newer ones have come.
create table measurements (
  id          uuid        not null,         -- given by whoever measured, so that what is sent again is known
  spec_id     uuid        not null references specs,
  version     text        not null,
  name        text        not null,
  key_id      uuid        not null references access_keys,
  measured_at timestamptz not null default now(),
  tolerance   double precision      not null,
  off         integer     not null,
  counts      jsonb       not null,         -- by page: how much is off, and what
  pages       jsonb,
  primary key (spec_id, id)
);
create index measurements_of_a_spec on measurements (spec_id, measured_at desc, id);
alter table measurements enable row level security;
create policy seen on measurements for select using (exists (select from specs where id = spec_id and team_id = any((select teams_for('read-drafts'))::bigint[])));
create policy gone on measurements for delete using (exists (select from specs where id = spec_id and team_id = any((select teams_for('edit'))::bigint[])));

-- may the asking key do this?
create function asking_key_may(scope text) returns boolean language sql stable security definer set search_path = public as $$
  select exists (select from access_keys
                  where id = asking_key() and revoked_at is null and lapses_at > now() and scope = any(scopes)) $$;

-- keeps a measurement for the asking key: one at a time for each specification, the newest with their pages; false where it was known
create function keep_measurement(spec uuid, measured uuid, at_version text, called text, within double precision, how_many integer, what jsonb, all_pages jsonb)
  returns boolean language plpgsql security definer set search_path = public as $$
begin
  if not key_opens_spec(spec, (select team_id from specs where id = spec)) or not asking_key_may('report')
     or not exists (select from editions where spec_id = spec and version = at_version) then
    raise exception 'this key may not report on this edition' using errcode = 'insufficient_privilege';
  end if;
  perform pg_advisory_xact_lock(hashtextextended('measurements of ' || spec, 0));
  insert into measurements (id, spec_id, version, name, key_id, measured_at, tolerance, off, counts, pages)
  values (measured, spec, at_version, called, asking_key(), clock_timestamp(), within, how_many, what, all_pages)
  on conflict do nothing;
  if not found then return false; end if;
  update measurements set pages = null
   where spec_id = spec and pages is not null
     and id in (select id from measurements where spec_id = spec order by measured_at desc, id offset 30);
  delete from measurements
   where spec_id = spec
     and id in (select id from measurements where spec_id = spec order by measured_at desc, id offset 1000);
  return true;
end $$;
