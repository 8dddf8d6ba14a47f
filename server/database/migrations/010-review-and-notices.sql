-- Reviews with their answers, remarks, names of revisions, withdrawn editions, followers, notices, web hooks, starting sets.

-- A review is of a draft as it stands while it is open; an answer is of the document that its author saw.
create table reviews (
  id        uuid primary key default gen_random_uuid(),
  spec_id   uuid        not null references specs,
  asked_by  bigint      not null references people,
  asked_at  timestamptz not null default now(),
  note      text        not null,
  revision  integer     not null,
  people    bigint[]    not null default '{}',
  ended_at  timestamptz,
  ended_by  bigint references people,
  ended_how text check (ended_how in ('published', 'called off'))
);
create unique index one_open_review on reviews (spec_id) where ended_at is null;

create table review_answers (
  id         bigint generated always as identity primary key,
  review_id  uuid        not null references reviews,
  spec_id    uuid        not null references specs,
  person_id  bigint      not null references people,
  verdict    text        not null check (verdict in ('approve', 'ask-changes')),
  note       text        not null,
  revision   integer     not null,
  draft_hash text        not null,              -- of the document that was seen: an answer holds while the draft says the same
  at         timestamptz not null default now()
);
create index answers_of_a_review on review_answers (review_id, id);
create trigger answers_are_immutable before update on review_answers for each row execute function refuse_change();

create table remarks (
  id         uuid primary key default gen_random_uuid(),
  spec_id    uuid        not null references specs,
  thread     uuid references remarks,           -- null: begins one
  at         jsonb       not null default '[]', -- the address that it is about; none: the specification
  rule       text,                              -- where it is about a finding
  about      text        not null default '',   -- what this was called when it was written
  text       text        not null,
  mentions   bigint[]    not null default '{}',
  made_by    bigint      not null references people,
  made_at    timestamptz not null default now(),
  edited_at  timestamptz,
  deleted_at timestamptz,
  settled_by bigint references people,
  settled_at timestamptz
);
create index remarks_of_a_spec on remarks (spec_id, made_at);

create table revision_names (
  spec_id  uuid        not null references specs,
  revision integer     not null,
  name     text        not null,
  named_by bigint      not null references people,
  named_at timestamptz not null default now(),
  primary key (spec_id, revision)
);

-- A withdrawn edition stays readable; whoever reads it or follows it is warned.
create table withdrawals (
  edition_id   bigint primary key references editions,
  spec_id      uuid        not null references specs,
  reason       text        not null,
  withdrawn_by bigint      not null references people,
  withdrawn_at timestamptz not null default now()
);
create trigger withdrawals_are_immutable before update or delete on withdrawals for each row execute function refuse_change();

-- Why a version was stepped less than proposed.
alter table editions add column step_reason text not null default '';

create table followers (
  id       uuid primary key default gen_random_uuid(),
  spec_id  uuid        not null references specs,
  name     text        not null,
  version  text        not null,
  note     text        not null default '',
  key_id   uuid references access_keys,         -- said by a build, with this key; null: by hand
  said_by  bigint      not null references people,
  said_at  timestamptz not null default now()
);
create unique index followers_of_a_spec on followers (spec_id, lower(name));

create table notices (
  id        bigint generated always as identity primary key,
  team_id   bigint      not null references teams,
  person_id bigint      not null references people,
  spec_id   uuid references specs on delete cascade,
  kind      text        not null,
  text      text        not null,
  path      text        not null,
  made_by   bigint references people,
  made_at   timestamptz not null default now(),
  read_at   timestamptz,
  mailed_at timestamptz
);
create index notices_of_a_person on notices (person_id, id desc);
create index notices_unread on notices (person_id) where read_at is null;

-- Kinds of notices that somebody does not want; 'digest' is the daily letter.
create table notice_choices (
  person_id bigint not null references people,
  kind      text   not null,
  primary key (person_id, kind)
);

create table hooks (
  id         uuid primary key default gen_random_uuid(),
  team_id    bigint      not null references teams,
  name       text        not null,
  url        text        not null,              -- 'own': the receiver that is shipped
  secret     text        not null,
  kinds      text[]      not null,
  made_by    bigint      not null references people,
  made_at    timestamptz not null default now(),
  removed_at timestamptz
);

create table deliveries (
  id           bigint generated always as identity primary key,
  hook_id      uuid        not null references hooks,
  team_id      bigint      not null references teams,
  body         text        not null,
  made_at      timestamptz not null default now(),
  next_try_at  timestamptz default now(),       -- null: delivered, or given up
  tries        integer     not null default 0,
  delivered_at timestamptz,
  said         text        not null default ''  -- what came of the last try
);
create index deliveries_to_try on deliveries (next_try_at) where next_try_at is not null;
create index deliveries_of_a_hook on deliveries (hook_id, id desc);

-- What came to the receiver that is shipped.
create table received (
  id          bigint generated always as identity primary key,
  hook_id     uuid        not null references hooks,
  team_id     bigint      not null references teams,
  body        text        not null,
  is_genuine  boolean     not null,
  received_at timestamptz not null default now()
);
create index received_by_a_hook on received (hook_id, id desc);

create table starting_sets (
  id         uuid primary key default gen_random_uuid(),
  team_id    bigint      not null references teams,
  spec_id    uuid        not null references specs,
  edition_id bigint      not null references editions,
  name       text        not null,
  made_by    bigint      not null references people,
  made_at    timestamptz not null default now(),
  removed_at timestamptz
);
-- Where a specification started: a set of the team's own.
alter table specs add column started_from uuid references starting_sets;
alter table teams add column naming_pattern text not null default '';

-- ── policies ─────────────────────────────────────────────────────────────────────────────────────────────────────────

create function on_spec(spec uuid, action text) returns boolean language sql stable as $$
  select exists (select from specs where id = spec and team_id = any((select teams_for(action))::bigint[])) $$;

alter table reviews enable row level security;
create policy seen  on reviews for select using (on_spec(spec_id, 'read-drafts'));
create policy asked on reviews for insert with check (on_spec(spec_id, 'ask-review') and asked_by = asking_person());
create policy ended on reviews for update using (on_spec(spec_id, 'ask-review'));
create policy gone  on reviews for delete using (on_spec(spec_id, 'people'));

alter table review_answers enable row level security;
create policy seen     on review_answers for select using (on_spec(spec_id, 'read-drafts'));
create policy answered on review_answers for insert with check (on_spec(spec_id, 'review') and person_id = asking_person());
create policy gone     on review_answers for delete using (on_spec(spec_id, 'people'));

alter table remarks enable row level security;
create policy seen    on remarks for select using (on_spec(spec_id, 'read-drafts'));
create policy written on remarks for insert with check (on_spec(spec_id, 'remark') and made_by = asking_person());
create policy changed on remarks for update using (on_spec(spec_id, 'remark'));
create policy gone    on remarks for delete using (on_spec(spec_id, 'people'));
-- what somebody wrote, nobody else rewrites
create function keep_words() returns trigger language plpgsql as $$
begin
  if (new.text, new.deleted_at) is distinct from (old.text, old.deleted_at) and asking_person() is distinct from old.made_by then
    raise exception 'a remark is changed by whoever wrote it' using errcode = 'insufficient_privilege';
  end if;
  return new;
end $$;
create trigger words_are_ones_own before update on remarks for each row execute function keep_words();

alter table revision_names enable row level security;
create policy seen  on revision_names for select using (on_spec(spec_id, 'read-drafts'));
create policy named on revision_names for insert with check (on_spec(spec_id, 'edit'));
create policy again on revision_names for update using (on_spec(spec_id, 'edit'));
create policy gone  on revision_names for delete using (on_spec(spec_id, 'edit'));

alter table withdrawals enable row level security;
create policy seen      on withdrawals for select using (exists (select from editions where id = edition_id));
create policy withdrawn on withdrawals for insert with check (on_spec(spec_id, 'publish') and withdrawn_by = asking_person());

alter table followers enable row level security;
create policy seen on followers for select using (on_spec(spec_id, 'read'));
create policy own  on followers for all using (on_spec(spec_id, 'publish'));
-- said by a build with its key: the asking key opens the spec
create function note_follower(spec uuid, follower text, at_version text) returns void language plpgsql security definer set search_path = public as $$
begin
  if not key_opens_spec(spec, (select team_id from specs where id = spec))
     or not exists (select from editions where spec_id = spec and version = at_version) then
    raise exception 'this key opens no such edition' using errcode = 'insufficient_privilege';
  end if;
  if (select count(*) from followers where spec_id = spec) >= 500
     and not exists (select from followers where spec_id = spec and lower(name) = lower(follower)) then
    raise exception 'a specification has at most 500 followers' using errcode = 'program_limit_exceeded';
  end if;
  insert into followers (spec_id, name, version, key_id, said_by)
  select spec, follower, at_version, asking_key(), made_by from access_keys where id = asking_key()
  on conflict (spec_id, lower(name)) do update
     set version = excluded.version, key_id = excluded.key_id, said_by = excluded.said_by, said_at = now();
end $$;

alter table notices enable row level security;
create policy own  on notices for select using (person_id = asking_person());
create policy read on notices for update using (person_id = asking_person());
create policy told on notices for insert with check (team_id = any((select teams_for('read'))::bigint[])
  and exists (select from members where members.team_id = notices.team_id and members.person_id = notices.person_id and left_at is null));
alter table notice_choices enable row level security;
create policy own on notice_choices using (person_id = asking_person());
-- whoever tells others asks what they want to hear
create function wants_notice(person bigint, kind text) returns boolean language sql stable security definer set search_path = public as $$
  select not exists (select from notice_choices where person_id = person and notice_choices.kind = wants_notice.kind) $$;

alter table hooks enable row level security;
create policy owners on hooks using (team_id = any((select teams_for('share'))::bigint[]));
alter table deliveries enable row level security;
create policy owners on deliveries for select using (team_id = any((select teams_for('share'))::bigint[]));
alter table received enable row level security;
create policy owners on received for select using (team_id = any((select teams_for('share'))::bigint[]));

-- whatever happens in a team goes out to its hooks, whoever did it
create function tell_hooks(team bigint, kind text, body text) returns void language plpgsql security definer set search_path = public as $$
begin
  -- whoever owns the database does so for anybody
  if session_user <> current_user and not team = any(teams_for('read')) then raise exception 'not of this team' using errcode = 'insufficient_privilege'; end if;
  insert into deliveries (hook_id, team_id, body)
  select id, team_id, body from hooks where team_id = team and removed_at is null and kind = any(kinds);
end $$;
-- what runs beside the server takes a delivery at a time, and says what came of it
create function deliveries_due(most integer)
  returns table (id bigint, hook_id uuid, url text, secret text, body text, tries integer)
  language sql security definer set search_path = public as $$
  with due as (
    select deliveries.id from deliveries join hooks on hooks.id = deliveries.hook_id
     where next_try_at <= now() and removed_at is null
     order by next_try_at limit most for update of deliveries skip locked)
  update deliveries set tries = deliveries.tries + 1, next_try_at = now() + interval '2 minutes'
    from due, hooks
   where deliveries.id = due.id and hooks.id = deliveries.hook_id
  returning deliveries.id, deliveries.hook_id, hooks.url, hooks.secret, deliveries.body, deliveries.tries $$;
create function delivery_came_to(delivery bigint, came text, is_delivered boolean, again_in interval) returns void
  language sql security definer set search_path = public as $$
  update deliveries
     set said = came, delivered_at = case when is_delivered then now() end,
         next_try_at = case when is_delivered or again_in is null then null else now() + again_in end
   where id = delivery and delivered_at is null $$;
-- the receiver that is shipped keeps what comes, and whether it is signed as it should be
create function hook_secret(hook uuid) returns text language sql stable security definer set search_path = public as $$
  select secret from hooks where id = hook and url = 'own' and removed_at is null $$;
create function receive(hook uuid, came text, genuine boolean) returns void language sql security definer set search_path = public as $$
  insert into received (hook_id, team_id, body, is_genuine)
  select id, team_id, came, genuine from hooks where id = hook and url = 'own' and removed_at is null;
  delete from received where hook_id = hook
     and id <= (select id from received where hook_id = hook order by id desc offset 200 limit 1) $$;

-- who is due a letter with what they have not read
create function digests_due() returns table (person_id bigint) language sql stable security definer set search_path = public as $$
  select distinct notices.person_id from notices
   where read_at is null and mailed_at is null and made_at < now() - interval '1 hour'
     and wants_notice(notices.person_id, 'digest')
     and not exists (select from notices earlier
                      where earlier.person_id = notices.person_id and earlier.mailed_at > now() - interval '23 hours') $$;

alter table starting_sets enable row level security;
create policy seen on starting_sets for select using (team_id = any((select teams_for('read'))::bigint[]));
create policy own  on starting_sets for all using (team_id = any((select teams_for('edit'))::bigint[]));
