-- Invitations and links for passwords end with their reason; an address belongs to whoever it was vouched for; a password's hash is had
-- only by counting a try; so many windows of one person are shown at a draft.

-- ── links end with their reason ──────────────────────────────────────────────────────────────────────────────────────

-- may this person still do this in a team?
create function member_may(team bigint, person bigint, action text) returns boolean language sql stable security definer set search_path = public as $$
  select exists (select from members
                   join role_may on role_may.role = members.role and role_may.action = member_may.action
                  where team_id = team and person_id = person and left_at is null) $$;

-- by_operator: made by whoever runs the server, for somebody of any team
alter table password_links add column ended_at    timestamptz;
alter table password_links add column by_operator boolean not null default false;
create index password_links_of_a_person on password_links (person_id) where used_at is null and ended_at is null;
drop policy owners on password_links;
create policy owners on password_links
  using (team_id = any((select teams_for('people'))::bigint[]))
  with check (team_id = any((select teams_for('people'))::bigint[]) and not by_operator and made_by = asking_person() and not is_elsewhere(person_id)
              and exists (select from members where members.team_id = password_links.team_id and members.person_id = password_links.person_id and left_at is null));

-- may the maker of a link still make it, and is the person still where they were?
create function link_holds(link password_links) returns boolean language sql stable security definer set search_path = public as $$
  select link.by_operator
      or (member_may(link.team_id, link.made_by, 'people')
          and exists (select from members where team_id = link.team_id and person_id = link.person_id and left_at is null)
          and not exists (select from members
                           where person_id = link.person_id and left_at is null and not member_may(members.team_id, link.made_by, 'people'))) $$;

create function end_links_for(person bigint) returns void language sql security definer set search_path = public as $$
  update password_links set ended_at = now() where person_id = person and used_at is null and ended_at is null $$;

-- whoever leaves a team, or may no longer see to its people, loses what they left open there; whoever joins or leaves, what was left open for them
create function end_what_was_left_open() returns trigger language plpgsql security definer set search_path = public as $$
declare is_there_now boolean := new.left_at is null; was_there boolean := tg_op = 'UPDATE' and old.left_at is null;
begin
  if not member_may(new.team_id, new.person_id, 'people') then
    update invitations set revoked_at = now() where team_id = new.team_id and made_by = new.person_id and used_at is null and revoked_at is null;
    update password_links set ended_at = now() where team_id = new.team_id and made_by = new.person_id and not by_operator and used_at is null and ended_at is null;
  end if;
  if is_there_now <> was_there then
    perform end_links_for(new.person_id);
    -- an older invitation does not let somebody back in, or in as something else; the one that is being taken is marked by who takes it
    update invitations set revoked_at = now()
     where team_id = new.team_id and email = (select people.email from people where people.id = new.person_id) and used_at is null and revoked_at is null;
  end if;
  return null;
end $$;
create trigger links_end_with_membership after insert or update on members for each row execute function end_what_was_left_open();

create function end_links_of_account() returns trigger language plpgsql security definer set search_path = public as $$
begin
  perform end_links_for(new.id);
  return null;
end $$;
create trigger links_end_with_account after update of password_hash, email on people for each row
  when (old.password_hash is distinct from new.password_hash or old.email is distinct from new.email) execute function end_links_of_account();

create or replace function password_link_by(secret bytea) returns table (email text, name text, state text)
  language sql stable security definer set search_path = public as $$
  select people.email, people.name,
         case when used_at is not null then 'used' when ended_at is not null then 'ended' when lapses_at < now() then 'lapsed'
              when not link_holds(password_links) then 'ended' else 'open' end
    from password_links
    join people on people.id = person_id
   where token_hash = secret $$;
create or replace function use_password_link(secret bytea, fresh_hash text) returns text language plpgsql security definer set search_path = public as $$
declare link password_links;
begin
  select * into link from password_links where token_hash = secret for update;
  if link.person_id is null then return 'none'; end if;
  if link.used_at is not null then return 'used'; end if;
  if link.ended_at is not null then return 'ended'; end if;
  if link.lapses_at < now() then return 'lapsed'; end if;
  if not link_holds(link) then return 'ended'; end if;
  update password_links set used_at = now() where token_hash = secret;
  update people set password_hash = fresh_hash, demo = false where id = link.person_id;
  delete from sessions where person_id = link.person_id;
  insert into log (team_id, person, action) values (link.team_id, link.person_id, 'password');
  return 'changed';
end $$;

create or replace function invitation_by(secret bytea)
  returns table (team_name text, team_slug text, email text, role text, made_by text, lapses_at timestamptz, state text)
  language sql stable security definer set search_path = public as $$
  select teams.name, teams.slug, invitations.email, invitations.role, people.name, invitations.lapses_at,
         case when used_at is not null then 'used' when revoked_at is not null then 'revoked'
              when invitations.lapses_at < now() then 'lapsed'
              when not member_may(team_id, invitations.made_by, 'people') then 'revoked' else 'open' end
    from invitations
    join teams  on teams.id = team_id
    join people on people.id = invitations.made_by
   where token_hash = secret $$;

-- takes an invitation for the asking person: 'joined', or why not
create or replace function take_invitation(secret bytea) returns text language plpgsql security definer set search_path = public as $$
declare invitation invitations; me bigint := asking_person();
begin
  select * into invitation from invitations where token_hash = secret for update;
  if invitation.id is null or me is null then return 'none'; end if;
  if invitation.used_at is not null then return 'used'; end if;
  if invitation.revoked_at is not null then return 'revoked'; end if;
  if invitation.lapses_at < now() then return 'lapsed'; end if;
  if not member_may(invitation.team_id, invitation.made_by, 'people') then return 'revoked'; end if;
  if exists (select from members where team_id = invitation.team_id and person_id = me and left_at is null) then return 'already'; end if;
  update invitations set used_at = now(), used_by = me where id = invitation.id;
  insert into members (team_id, person_id, role, says) values (invitation.team_id, me, invitation.role, invitation.says)
    on conflict (team_id, person_id) do update
       set role = excluded.role, says = excluded.says, left_at = null, joined_at = now();
  insert into log (team_id, action, about) values (invitation.team_id, 'join', invitation.role);
  insert into notices (team_id, person_id, kind, text, path, made_by)
  select teams.id, invitation.made_by, 'team', people.name || ' is in ' || teams.name || ' now, as ' || invitation.role, '/people/' || teams.slug, me
    from teams, people
   where teams.id = invitation.team_id and people.id = me and wants_notice(invitation.made_by, 'team');
  return 'joined';
end $$;

-- ── whose an address is ──────────────────────────────────────────────────────────────────────────────────────────────

-- vouched: whoever runs the server, or an owner who invited it, said whose this address is. One that its holder typed alone keeps nobody else from it.
alter table people add column vouched boolean not null default true;
update people
   set vouched = false
 where exists (select from invitations where used_by = people.id)
   and not exists (select from invitations where used_by = people.id and invitations.email = people.email);
alter table people drop constraint people_email_key;
alter table people add constraint people_email_key unique (email, vouched);

create function address_is_no_longer_vouched_for() returns trigger language plpgsql as $$
begin
  new.vouched := false;
  return new;
end $$;
create trigger a_typed_address_is_not_vouched_for before update of email on people for each row
  when (old.email is distinct from new.email and asking_person() is not null) execute function address_is_no_longer_vouched_for();

-- is there an account under this address (that somebody vouched for)?
create function address_is_taken(address text, only_vouched boolean) returns boolean language sql stable security definer set search_path = public as $$
  select exists (select from people where email = address and (vouched or not only_vouched)) $$;

-- makes an account for the address that an invitation was made for, and takes it: 'joined' and who, or why not. Both or neither.
create function join_by_invitation(secret bytea, name text, password_hash text) returns table (outcome text, person bigint)
  language plpgsql security definer set search_path = public as $$
declare address text; was_used boolean; fresh bigint; came text;
begin
  select email, used_at is not null into address, was_used from invitations where token_hash = secret for update;
  if address is null or was_used then return query select case when was_used then 'used' else 'none' end, null::bigint; return; end if;
  if address_is_taken(address, true) then return query select 'has-account', null::bigint; return; end if;
  insert into people (email, name, password_hash) values (address, join_by_invitation.name, join_by_invitation.password_hash)
    on conflict do nothing returning id into fresh;
  if fresh is null then return query select 'has-account', null::bigint; return; end if;
  perform set_config('ypsiline.person', fresh::text, true);
  came := take_invitation(secret);
  if came <> 'joined' then delete from people where id = fresh; end if;
  return query select came, case when came = 'joined' then fresh end;
end $$;
-- accounts are made by invitation, or by whoever runs the server
drop policy made on people;

-- ── a hash costs a try ───────────────────────────────────────────────────────────────────────────────────────────────

-- Takes one try for a subject, counted as a failure until it is taken back: null, or how many seconds are still to wait. After the free
-- failures each doubles the wait, from one second to five minutes; failures count for a quarter of an hour; tries that have to wait are not counted.
create function take_try(of_subject text, free integer) returns integer language plpgsql security definer set search_path = public as $$
declare held sign_in_delays; longest constant double precision := 300;
begin
  insert into sign_in_delays as kept (subject, failures) values (of_subject, 1)
    on conflict (subject) do update
       set failures = case when kept.last_at < now() - interval '15 minutes' then 1 else kept.failures + 1 end,
           last_at  = now()
     where kept.failures < free
        or kept.last_at + make_interval(secs => least(longest, 2 ^ least(20, kept.failures - free))) <= now();
  if found then return null; end if;
  select * into held from sign_in_delays where subject = of_subject;
  return greatest(1, ceil(extract(epoch from held.last_at - now()) + least(longest, 2 ^ least(20, held.failures - free))));
end $$;
create function subject_of(kind text, name text) returns text language sql immutable as $$
  select encode(sha256(convert_to(kind || ' ' || name, 'UTF8')), 'hex') $$;

-- A try to sign in, counted before any hash is given: for the account and the network address, or, on a browser that this account knows, for that alone.
-- The accounts under the address come with it, the one that is vouched for first.
create function try_to_sign_in(address text, network text, browser bytea, browser_name text)
  returns table (wait integer, subjects jsonb, id bigint, email text, name text, password_hash text, demo boolean)
  language plpgsql security definer set search_path = public as $$
declare counted jsonb; each jsonb; held integer;
begin
  if exists (select from known_browsers join people on people.id = person_id
              where people.email = address and token_hash = browser and used_at > now() - interval '180 days')
  then counted := jsonb_build_array(jsonb_build_object('kind', 'browser', 'subject', subject_of('browser', browser_name), 'free', 10));
  else counted := jsonb_build_array(jsonb_build_object('kind', 'account', 'subject', subject_of('account', address), 'free', 5),
                                    jsonb_build_object('kind', 'address', 'subject', subject_of('address', network), 'free', 60));
  end if;
  for each in select * from jsonb_array_elements(counted) loop
    held := take_try(each->>'subject', (each->>'free')::integer);
    if held is not null then
      return query select held, counted, null::bigint, null::text, null::text, null::text, null::boolean;
      return;
    end if;
  end loop;
  return query select null::integer, counted, people.id, people.email, people.name, people.password_hash, people.demo
                 from people where people.email = address order by vouched desc;
  if not found then return query select null::integer, counted, null::bigint, null::text, null::text, null::text, null::boolean; end if;
end $$;

-- the asking person's own hash, for whoever changes their password or e-mail: a try, too
create function try_own_password() returns table (wait integer, subject text, password_hash text)
  language plpgsql security definer set search_path = public as $$
declare counted text := subject_of('account', 'change ' || asking_person()); held integer;
begin
  if asking_person() is null then return; end if;
  held := take_try(counted, 5);
  return query select held, counted, case when held is null then people.password_hash end from people where people.id = asking_person();
end $$;
-- as before, for a process of before that still runs during an upgrade; but what it gives costs a try now
create or replace function person_to_sign_in(address text) returns table (id bigint, email text, name text, password_hash text, demo boolean)
  language plpgsql security definer set search_path = public as $$
begin
  if take_try(subject_of('account', address), 5) is not null then return; end if;
  return query select people.id, people.email, people.name, people.password_hash, people.demo from people where people.email = address order by vouched desc limit 1;
end $$;

-- ── who is shown at a draft ──────────────────────────────────────────────────────────────────────────────────────────

-- is a window there that last said so then?
create function is_here(seen_at timestamptz) returns boolean language sql stable as $$ select seen_at > now() - interval '12 seconds' $$;
-- so many windows of one person are shown at once (server/events/limits.ts); one more is not
create function limit_windows() returns trigger language plpgsql security definer set search_path = public as $$
begin
  if exists (select from presence where window_id = new.window_id) then return new; end if;
  perform pg_advisory_xact_lock(hashtextextended('windows', new.person_id));
  if (select count(*) from presence where person_id = new.person_id and is_here(seen_at)) >= 30 then return null; end if;
  return new;
end $$;
create trigger windows_of_one_person before insert on presence for each row execute function limit_windows();

-- ── no web hook keeps others waiting ─────────────────────────────────────────────────────────────────────────────────

-- takes at most one delivery of each hook, the longest due first, but none of those that are being sent to already
create function deliveries_due(most integer, busy uuid[])
  returns table (id bigint, hook_id uuid, url text, secret text, body text, tries integer)
  language sql security definer set search_path = public as $$
  with first as (
    select distinct on (deliveries.hook_id) deliveries.id, next_try_at
      from deliveries join hooks on hooks.id = deliveries.hook_id
     where next_try_at <= now() and removed_at is null and not deliveries.hook_id = any(busy)
     order by deliveries.hook_id, next_try_at, deliveries.id),
  due as (
    select deliveries.id from deliveries join first on first.id = deliveries.id
     where deliveries.next_try_at <= now()
     order by first.next_try_at limit most for update of deliveries skip locked)
  update deliveries set tries = deliveries.tries + 1, next_try_at = now() + interval '2 minutes'
    from due, hooks
   where deliveries.id = due.id and hooks.id = deliveries.hook_id
  returning deliveries.id, deliveries.hook_id, hooks.url, hooks.secret, deliveries.body, deliveries.tries $$;

-- ── is there room again ──────────────────────────────────────────────────────────────────────────────────────────────

-- as much as a save may need, on the disk of the others; nothing of it is left
create table room (page text not null);
alter table room enable row level security;
create function try_to_write() returns void language plpgsql security definer set search_path = public as $$
begin
  truncate room;
  insert into room select string_agg(md5(random()::text), '') from generate_series(1, 40) page, generate_series(1, 250) part group by page;
  truncate room;
end $$;
