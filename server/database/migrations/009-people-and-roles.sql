-- Roles, invitations, links for forgotten passwords, sessions that can be told apart, a log and an outbox; and the database's own
-- policies, the second wall behind the gate of the application (server/access/).

-- Who belongs to a team, as what. Who leaves stays in the list, so that what they made keeps their name.
alter table members add column role    text not null default 'author' check (role in ('owner', 'author', 'reviewer', 'reader'));
alter table members add column left_at timestamptz;
update members
   set role = 'owner'
  from (select distinct on (team_id) team_id, person_id from members order by team_id, joined_at, person_id) first
 where first.team_id = members.team_id and first.person_id = members.person_id;
create index members_of_a_person on members (person_id) where left_at is null;

-- server/access/permissions.ts, as the policies below read it; written at each start
create table role_may (
  role   text not null,
  action text not null,
  primary key (role, action)
);

alter table teams add column approvals_needed integer not null default 0 check (approvals_needed between 0 and 10);

alter table sessions add column browser text not null default '';       -- what the browser says that it is
alter table sessions add column address text not null default '';
alter table sessions add column seen_at timestamptz not null default now();

create table invitations (
  id         uuid primary key default gen_random_uuid(),
  team_id    bigint      not null references teams,
  email      text        not null,
  role       text        not null check (role in ('owner', 'author', 'reviewer', 'reader')),
  says       text        not null default '',
  token_hash bytea       not null unique,
  made_by    bigint      not null references people,
  made_at    timestamptz not null default now(),
  lapses_at  timestamptz not null,
  revoked_at timestamptz,
  used_at    timestamptz,
  used_by    bigint references people
);
create index invitations_of_a_team on invitations (team_id, made_at desc);

-- A link by which somebody who forgot their password chooses another; made by an owner of their team.
create table password_links (
  token_hash bytea primary key,
  team_id    bigint      not null references teams,
  person_id  bigint      not null references people,
  made_by    bigint      not null references people,
  made_at    timestamptz not null default now(),
  lapses_at  timestamptz not null,
  used_at    timestamptz
);

-- Mail that no outside service has sent: the stand-in that is shipped, which owners read.
create table outbox (
  id        bigint generated always as identity primary key,
  team_id   bigint      not null references teams,
  recipient text        not null,
  subject   text        not null,
  text      text        not null,
  made_at   timestamptz not null default now()
);
create index outbox_of_a_team on outbox (team_id, id desc);

-- for whom the database answers: said at the beginning of each transaction (server/acting-as.ts)
create function asking_person() returns bigint language sql stable as
  $$ select nullif(current_setting('ypsiline.person', true), '')::bigint $$;
create function asking_key() returns uuid language sql stable as
  $$ select nullif(current_setting('ypsiline.key', true), '')::uuid $$;
create function asking_address() returns text language sql stable as
  $$ select coalesce(current_setting('ypsiline.address', true), '') $$;

-- Who did what, when, from where. Only ever added to.
create table log (
  id      bigint generated always as identity primary key,
  team_id bigint      not null references teams,
  at      timestamptz not null default now(),
  person  bigint      default asking_person() references people,
  address text        not null default asking_address(),
  action  text        not null,
  spec_id uuid,
  about   text        not null default ''
);
create index log_of_a_team on log (team_id, id desc);
create trigger log_is_immutable before update or delete on log for each row execute function refuse_change();
create trigger log_stays before truncate on log for each statement execute function refuse_change();

-- the teams in which whoever asks may do this
create function teams_for(action text) returns bigint[] language sql stable security definer set search_path = public as $$
  select coalesce(array_agg(team_id), '{}')
    from members
    join role_may on role_may.role = members.role and role_may.action = teams_for.action
   where person_id = asking_person() and left_at is null $$;

-- the specifications whose editions the asking key opens
create function key_teams() returns bigint[] language sql stable security definer set search_path = public as $$
  select coalesce(array_agg(team_id), '{}') from access_keys where id = asking_key() and revoked_at is null and lapses_at > now() $$;
create function key_opens_spec(spec uuid, team bigint) returns boolean language sql stable security definer set search_path = public as $$
  select exists (select from access_keys
                  where id = asking_key() and revoked_at is null and lapses_at > now()
                    and team_id = team and (spec_ids is null or spec = any(spec_ids))) $$;

-- what a key or a link opens, by its secret
create function key_opens(secret bytea, team text, spec text)
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
  if found and coalesce(found_key.used_at < now() - interval '1 minute', true) then
    update access_keys set used_at = now() where id = found_key.id;
  end if;
end $$;

-- a team keeps an owner; two who leave at once take turns
create function keep_an_owner() returns trigger language plpgsql security definer set search_path = public as $$
begin
  if old.role = 'owner' and old.left_at is null then
    perform pg_advisory_xact_lock(hashtextextended('owners', old.team_id));
    if not exists (select from members where team_id = old.team_id and role = 'owner' and left_at is null) then
      raise exception 'a team keeps an owner' using errcode = 'restrict_violation', constraint = 'team_keeps_an_owner';
    end if;
  end if;
  return null;
end $$;
create trigger team_keeps_an_owner after update or delete on members for each row execute function keep_an_owner();

-- whoever is no longer in a team is signed out everywhere, and signs in again for what is left to them
create function sign_out_who_left() returns trigger language plpgsql security definer set search_path = public as $$
begin
  if new.left_at is not null and old.left_at is null then delete from sessions where person_id = new.person_id; end if;
  return null;
end $$;
create trigger who_left_is_signed_out after update on members for each row execute function sign_out_who_left();

-- sign-in asks before it is known who asks: through these, and through nothing else
create function person_to_sign_in(address text) returns table (id bigint, email text, name text, password_hash text, demo boolean)
  language sql stable security definer set search_path = public as $$
  select id, email, name, password_hash, demo from people where email = address $$;
create function person_of_session(token bytea) returns table (id bigint, email text, name text)
  language plpgsql security definer set search_path = public as $$
begin
  update sessions set seen_at = now() where token_hash = token and expires_at > now() and seen_at < now() - interval '1 minute';
  return query select people.id, people.email, people.name
                 from sessions join people on people.id = person_id
                where token_hash = token and expires_at > now();
end $$;
create function end_session(token bytea) returns void language sql security definer set search_path = public as $$
  delete from sessions where token_hash = token $$;
create function only_the_demo() returns boolean language sql stable security definer set search_path = public as $$
  select coalesce(bool_and(demo), false) from teams $$;
create function forget_lapsed() returns void language sql security definer set search_path = public as $$
  delete from sessions where expires_at < now();
  delete from known_browsers where used_at < now() - interval '180 days';
  delete from sign_in_delays where last_at < now() - interval '15 minutes' $$;

create function invitation_by(secret bytea)
  returns table (team_name text, team_slug text, email text, role text, made_by text, lapses_at timestamptz, state text)
  language sql stable security definer set search_path = public as $$
  select teams.name, teams.slug, invitations.email, invitations.role, people.name, invitations.lapses_at,
         case when used_at is not null then 'used' when revoked_at is not null then 'revoked'
              when invitations.lapses_at < now() then 'lapsed' else 'open' end
    from invitations
    join teams  on teams.id = team_id
    join people on people.id = invitations.made_by
   where token_hash = secret $$;

-- takes an invitation for the asking person: 'joined', or why not
create function take_invitation(secret bytea) returns text language plpgsql security definer set search_path = public as $$
declare invitation invitations; me bigint := asking_person();
begin
  select * into invitation from invitations where token_hash = secret for update;
  if invitation.id is null or me is null then return 'none'; end if;
  if invitation.used_at is not null then return 'used'; end if;
  if invitation.revoked_at is not null then return 'revoked'; end if;
  if invitation.lapses_at < now() then return 'lapsed'; end if;
  if exists (select from members where team_id = invitation.team_id and person_id = me and left_at is null) then return 'already'; end if;
  insert into members (team_id, person_id, role, says) values (invitation.team_id, me, invitation.role, invitation.says)
    on conflict (team_id, person_id) do update
       set role = excluded.role, says = excluded.says, left_at = null, joined_at = now();
  update invitations set used_at = now(), used_by = me where id = invitation.id;
  insert into log (team_id, action, about) values (invitation.team_id, 'join', invitation.role);
  insert into notices (team_id, person_id, kind, text, path, made_by)
  select teams.id, invitation.made_by, 'team', people.name || ' is in ' || teams.name || ' now, as ' || invitation.role, '/people/' || teams.slug, me
    from teams, people
   where teams.id = invitation.team_id and people.id = me and wants_notice(invitation.made_by, 'team');
  return 'joined';
end $$;

create function password_link_by(secret bytea) returns table (email text, name text, state text)
  language sql stable security definer set search_path = public as $$
  select people.email, people.name,
         case when used_at is not null then 'used' when lapses_at < now() then 'lapsed' else 'open' end
    from password_links
    join people on people.id = person_id
   where token_hash = secret $$;
create function use_password_link(secret bytea, fresh_hash text) returns text language plpgsql security definer set search_path = public as $$
declare link password_links;
begin
  select * into link from password_links where token_hash = secret for update;
  if link.person_id is null then return 'none'; end if;
  if link.used_at is not null then return 'used'; end if;
  if link.lapses_at < now() then return 'lapsed'; end if;
  update password_links set used_at = now() where token_hash = secret;
  update people set password_hash = fresh_hash, demo = false where id = link.person_id;
  delete from sessions where person_id = link.person_id;
  insert into log (team_id, person, action) values (link.team_id, link.person_id, 'password');
  return 'changed';
end $$;

-- is somebody in a team of which the asking person is no owner? Then a link for their password would open more than is theirs to give
create function is_elsewhere(person bigint) returns boolean language sql stable security definer set search_path = public as $$
  select exists (select from members
                  where person_id = person and left_at is null and not team_id = any(teams_for('people'))) $$;

-- a team of the asking person's own; null where its address is taken
create function make_team(address text, name text) returns bigint language plpgsql security definer set search_path = public as $$
declare made bigint;
begin
  -- a team of somebody of the demo is the demo's
  insert into teams (slug, name, demo) values (address, make_team.name, (select demo from people where id = asking_person())) on conflict do nothing returning id into made;
  if made is not null then insert into members (team_id, person_id, role) values (made, asking_person(), 'owner'); end if;
  return made;
end $$;

-- somebody who is no longer in any team that the asking person is in still has a name there
create function known_people() returns table (person_id bigint) language sql stable security definer set search_path = public as $$
  select person_id from members where team_id = any(teams_for('read')) $$;

-- ── the second wall ──────────────────────────────────────────────────────────────────────────────────────────────────

alter table teams enable row level security;
create policy seen    on teams for select using (id = any((select teams_for('read'))::bigint[]) or id = any((select key_teams())::bigint[]));
create policy changed on teams for update using (id = any((select teams_for('people'))::bigint[]) or id = any((select teams_for('share'))::bigint[]));

alter table people enable row level security;
create policy seen    on people for select using (id = asking_person() or id in (select person_id from known_people()));
create policy changed on people for update using (id = asking_person());
create policy made    on people for insert with check (not demo);

alter table members enable row level security;
create policy seen    on members for select using (team_id = any((select teams_for('read'))::bigint[]) or person_id = asking_person());
create policy changed on members for update using (team_id = any((select teams_for('people'))::bigint[]));
create policy leaving on members for update using (person_id = asking_person() and left_at is null)
                                            with check (person_id = asking_person() and left_at is not null);

alter table sessions enable row level security;
create policy own on sessions using (person_id = asking_person());
alter table known_browsers enable row level security;
create policy own on known_browsers using (person_id = asking_person());

alter table invitations enable row level security;
create policy owners on invitations using (team_id = any((select teams_for('people'))::bigint[]));
alter table password_links enable row level security;
create policy owners on password_links
  using (team_id = any((select teams_for('people'))::bigint[]))
  with check (team_id = any((select teams_for('people'))::bigint[]) and not is_elsewhere(person_id)
              and exists (select from members where members.team_id = password_links.team_id and members.person_id = password_links.person_id and left_at is null));

alter table outbox enable row level security;
create policy seen on outbox for select using (team_id = any((select teams_for('people'))::bigint[]));
create policy made on outbox for insert with check (team_id = any((select teams_for('read'))::bigint[]));
alter table log enable row level security;
create policy seen on log for select using (team_id = any((select teams_for('people'))::bigint[]));
create policy made on log for insert with check (team_id = any((select teams_for('read'))::bigint[]) and person = asking_person());

alter table specs enable row level security;
create policy seen    on specs for select using (team_id = any((select teams_for('read'))::bigint[])
                                                 or ((select asking_key()) is not null and key_opens_spec(id, team_id)));
create policy changed on specs for update using (team_id = any((select teams_for('edit'))::bigint[]));
create policy made    on specs for insert with check (team_id = any((select teams_for('edit'))::bigint[]));
create policy gone    on specs for delete using (team_id = any((select teams_for('people'))::bigint[]));

-- an archived specification that has no edition may be deleted, with its history
create function refuse_change_of_revisions() returns trigger language plpgsql security definer set search_path = public as $$
begin
  if tg_op = 'DELETE' and current_setting('ypsiline.deleting', true) = old.spec_id::text
     and not exists (select from editions where spec_id = old.spec_id)
     and exists (select from specs where id = old.spec_id and archived_at is not null and (session_user = current_user or team_id = any(teams_for('people'))))
  then return old; end if;
  raise exception '% is kept as it was written; % is refused', tg_table_name, tg_op using errcode = 'restrict_violation';
end $$;
drop trigger revisions_are_immutable on revisions;
create trigger revisions_are_immutable before update or delete on revisions for each row execute function refuse_change_of_revisions();

alter table drafts enable row level security;
create policy seen    on drafts for select using (exists (select from specs where id = spec_id and team_id = any((select teams_for('read-drafts'))::bigint[])));
create policy changed on drafts for update using (exists (select from specs where id = spec_id and team_id = any((select teams_for('edit'))::bigint[])));
create policy made    on drafts for insert with check (exists (select from specs where id = spec_id and team_id = any((select teams_for('edit'))::bigint[])));
create policy gone    on drafts for delete using (exists (select from specs where id = spec_id and team_id = any((select teams_for('people'))::bigint[])));

alter table revisions enable row level security;
create policy seen on revisions for select using (exists (select from specs where id = spec_id and team_id = any((select teams_for('read-drafts'))::bigint[])));
create policy gone on revisions for delete using (exists (select from specs where id = spec_id and team_id = any((select teams_for('people'))::bigint[])));
create policy made on revisions for insert with check (made_by = asking_person()
  and exists (select from specs where id = spec_id and team_id = any((select teams_for('edit'))::bigint[])));

alter table editions enable row level security;
create policy seen on editions for select using (exists (select from specs where id = spec_id));
create policy made on editions for insert with check (published_by = asking_person()
  and exists (select from specs where id = spec_id and team_id = any((select teams_for('publish'))::bigint[])));
alter table edition_files enable row level security;
create policy seen on edition_files for select using (exists (select from editions where id = edition_id));
create policy made on edition_files for insert with check (exists (
  select from editions join specs on specs.id = spec_id where editions.id = edition_id and team_id = any((select teams_for('publish'))::bigint[])));

alter table fonts enable row level security;
create policy seen on fonts for select using (team_id = any((select teams_for('read'))::bigint[]));
create policy made on fonts for insert with check (team_id = any((select teams_for('edit'))::bigint[]));
create policy gone on fonts for delete using (team_id = any((select teams_for('edit'))::bigint[]));

alter table surveys enable row level security;
create policy seen on surveys for select using (exists (select from specs where id = spec_id and team_id = any((select teams_for('read-drafts'))::bigint[])));
create policy made on surveys for insert with check (exists (select from specs where id = spec_id and team_id = any((select teams_for('edit'))::bigint[])));
create policy gone on surveys for delete using (exists (select from specs where id = spec_id and team_id = any((select teams_for('edit'))::bigint[])));

alter table access_keys enable row level security;
create policy owners on access_keys using (team_id = any((select teams_for('share'))::bigint[]));

-- a team's people see each other's names; nobody's password is read but by person_to_sign_in
alter table migrations enable row level security;
alter table role_may   enable row level security;
-- holds no team's data, and is asked before it is known who asks
alter table sign_in_delays enable row level security;
create policy anybody on sign_in_delays using (true);
