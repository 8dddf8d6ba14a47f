-- Keys by which builds read the editions of a team: named, for some specs or all of them, kept as the SHA-256 of the secret
-- that was shown once. A key lapses, and can be revoked; neither deletes it, so that the list says what there was.
create table access_keys (
  id         uuid primary key default gen_random_uuid(),
  team_id    bigint      not null references teams,
  name       text        not null,
  token_hash bytea       not null unique,
  spec_ids   uuid[],                         -- null: every spec of the team, those that come later too
  made_by    bigint      not null references people,
  made_at    timestamptz not null default now(),
  lapses_at  timestamptz not null,
  revoked_at timestamptz,
  used_at    timestamptz
);
create index access_keys_of_a_team on access_keys (team_id, made_at desc);
