-- People, teams, specifications, their drafts and editions.

create table teams (
  id         bigint generated always as identity primary key,
  slug       text not null unique check (slug ~ '^[a-z][a-z0-9-]*$'),
  name       text not null,
  -- made by the demo: while every team is, the sign-in page offers the demo's people
  demo       boolean not null default false,
  created_at timestamptz not null default now()
);

create table people (
  id            bigint generated always as identity primary key,
  email         text not null unique check (email = lower(email)),
  name          text not null,
  password_hash text not null,
  created_at    timestamptz not null default now()
);

create table members (
  team_id   bigint not null references teams,
  person_id bigint not null references people,
  says      text not null default '',   -- what the person does in the team, in words
  joined_at timestamptz not null default now(),
  primary key (team_id, person_id)
);

create table sessions (
  token_hash bytea primary key,          -- SHA-256 of the cookie's token
  person_id  bigint not null references people,
  created_at timestamptz not null default now(),
  expires_at timestamptz not null
);

create table sign_in_attempts (
  id      bigint generated always as identity primary key,
  at      timestamptz not null default now(),
  email   text not null,
  address text not null,
  failed  boolean not null default true
);
create index on sign_in_attempts (email, at);
create index on sign_in_attempts (address, at);

create table specs (
  id          uuid primary key default gen_random_uuid(),
  team_id     bigint not null references teams,
  slug        text not null check (slug ~ '^[a-z0-9][a-z0-9-]*$'),
  revision    integer not null default 1,
  created_at  timestamptz not null default now(),
  archived_at timestamptz,
  unique (team_id, slug)
);

create table revisions (
  spec_id  uuid not null references specs,
  revision integer not null,
  document jsonb not null,
  made_by  bigint not null references people,
  made_at  timestamptz not null default now(),
  primary key (spec_id, revision)
);

create table editions (
  id           bigint generated always as identity primary key,
  spec_id      uuid not null references specs,
  version      text not null,
  document     jsonb not null,
  sha256       text not null check (sha256 ~ '^[0-9a-f]{64}$'),
  revision     integer not null,
  note         text not null,
  published_by bigint not null references people,
  published_at timestamptz not null default now(),
  unique (spec_id, version),
  foreign key (spec_id, revision) references revisions (spec_id, revision)
);

create function refuse_change() returns trigger language plpgsql as $$
begin
  raise exception '% is kept as it was written; % is refused', tg_table_name, tg_op using errcode = 'restrict_violation';
end $$;

create trigger editions_are_immutable  before update or delete on editions  for each row execute function refuse_change();
create trigger editions_stay           before truncate         on editions  for each statement execute function refuse_change();
create trigger revisions_are_immutable before update or delete on revisions for each row execute function refuse_change();
create trigger revisions_stay          before truncate         on revisions for each statement execute function refuse_change();
