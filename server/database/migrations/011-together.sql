-- Who is at which draft now, in which view and cell; and the word that goes out when a draft or who is at it changes, so that every process
-- of the application hears of it, whichever wrote it. Only ids go out: what is new is read under the policies of whoever is told.

-- a row for each open window, for as long as its event stream is open; nothing of it need outlive the database
create unlogged table presence (
  window_id text primary key check (window_id ~ '^[a-z0-9]{8,40}$'),
  spec_id   uuid        not null references specs on delete cascade,
  person_id bigint      not null references people,
  view      text        not null check (length(view) <= 40),
  cell      text        not null default '' check (length(cell) <= 300),
  seen_at   timestamptz not null default now()
);
create index presence_of_a_spec on presence (spec_id);

alter table presence enable row level security;
create policy seen  on presence for select using (on_spec(spec_id, 'read-drafts'));
create policy come  on presence for insert with check (person_id = asking_person() and on_spec(spec_id, 'read-drafts'));
create policy moved on presence for update using (person_id = asking_person()) with check (person_id = asking_person() and on_spec(spec_id, 'read-drafts'));
create policy gone  on presence for delete using (person_id = asking_person());

create function tell_of_presence() returns trigger language plpgsql as $$
begin
  perform pg_notify('ypsiline', 'here ' || coalesce(new.spec_id, old.spec_id));
  return null;
end $$;
create trigger presence_is_told after insert or delete or update of view, cell on presence for each row execute function tell_of_presence();

create function tell_of_revision() returns trigger language plpgsql as $$
begin
  perform pg_notify('ypsiline', 'saved ' || new.id);
  return null;
end $$;
create trigger revision_is_told after update of revision on specs
  for each row when (new.revision is distinct from old.revision) execute function tell_of_revision();

-- those of these sessions (tokens in hex) that may go on reading a draft
create function sessions_that_read(spec uuid, tokens text[]) returns table (token text, person_id bigint)
  language sql stable security definer set search_path = public as $$
  select encode(token_hash, 'hex'), sessions.person_id
    from sessions
    join members on members.person_id = sessions.person_id and left_at is null
    join specs on specs.team_id = members.team_id and specs.id = spec
    join role_may on role_may.role = members.role and role_may.action = 'read-drafts'
   where token_hash in (select decode(each, 'hex') from unnest(tokens) each) and expires_at > now() $$;

-- the windows of one process are still there: what a process that is gone left behind goes with the time
create function windows_are_here(windows jsonb) returns void language plpgsql security definer set search_path = public as $$
begin
  insert into presence (window_id, spec_id, person_id, view)
  select each->>'window', (each->>'spec')::uuid, (each->>'person')::bigint, each->>'view'
    from jsonb_array_elements(windows) each
    join specs on specs.id = (each->>'spec')::uuid
   order by 1
  on conflict (window_id) do update set seen_at = now();
  delete from presence where seen_at < now() - interval '12 seconds';
end $$;
create function windows_are_gone(windows jsonb) returns void language sql security definer set search_path = public as $$
  delete from presence where window_id in (select each from jsonb_array_elements_text(windows) each) $$;

-- ── what an operator asks, and what a replica can answer ─────────────────────────────────────────────────────────────

-- the newest migration that ran, which the application's role does not read otherwise
create function newest_migration() returns text language sql stable security definer set search_path = public as $$
  select max(name) from migrations $$;

-- for how long the oldest web hook that is due has waited, in seconds
create function oldest_delivery_waits() returns double precision language sql stable security definer set search_path = public as $$
  select coalesce(extract(epoch from now() - min(next_try_at)), 0) from deliveries where next_try_at < now() $$;

-- as before, but on a replica, where nothing can be written, nothing is
create or replace function key_opens(secret bytea, team text, spec text)
  returns table (key_id uuid, made_by bigint, team_id bigint, team_slug text, team_name text, spec_id uuid, spec_slug text)
  language plpgsql security definer set search_path = public as $$
declare found_key access_keys;
begin
  select * into found_key from access_keys where token_hash = secret and revoked_at is null and lapses_at > now();
  if found_key.id is null or found_key.is_link <> (team is null) then return; end if;
  return query
    select found_key.id, found_key.made_by, teams.id, teams.slug, teams.name, specs.id, specs.slug
      from specs
      join teams on teams.id = specs.team_id
     where specs.team_id = found_key.team_id
       and (found_key.spec_ids is null or specs.id = any(found_key.spec_ids))
       and (team is null or (teams.slug = team and specs.slug = spec));
  if found and not pg_is_in_recovery() and coalesce(found_key.used_at < now() - interval '1 minute', true) then
    update access_keys set used_at = now() where id = found_key.id;
  end if;
end $$;
create or replace function person_of_session(token bytea) returns table (id bigint, email text, name text)
  language plpgsql security definer set search_path = public as $$
begin
  if not pg_is_in_recovery() then
    update sessions set seen_at = now() where token_hash = token and expires_at > now() and seen_at < now() - interval '1 minute';
  end if;
  return query select people.id, people.email, people.name
                 from sessions join people on people.id = person_id
                where token_hash = token and expires_at > now();
end $$;
