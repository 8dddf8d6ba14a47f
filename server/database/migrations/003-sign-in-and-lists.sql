-- Sign-in: delays that grow with failures, and browsers that have signed in before.

drop table sign_in_attempts;

create table sign_in_delays (
  subject  text primary key,               -- an account, a network address or a known browser, by its SHA-256
  failures integer not null default 0,
  last_at  timestamptz not null default now()
);
create index on sign_in_delays (last_at);

create table known_browsers (
  token_hash bytea primary key,            -- SHA-256 of a cookie that outlives sessions
  person_id  bigint not null references people,
  used_at    timestamptz not null default now()
);
create index on known_browsers (used_at);

-- people of the demo sign in only where there is nothing but the demo
alter table people add column demo boolean not null default false;
update people set demo = true
 where exists (select from members join teams on teams.id = team_id where person_id = people.id and teams.demo)
   and not exists (select from members join teams on teams.id = team_id where person_id = people.id and not teams.demo);

create index on sessions (person_id);

-- What the list of specifications shows of each draft, kept beside it when it is saved, so that a list reads no documents.
alter table specs add column name        text;
alter table specs add column must_fix    integer;          -- findings that nobody has waived; null: not counted yet
alter table specs add column weigh       integer;
alter table specs add column counts      text not null default '';  -- column counts from the narrowest up
alter table specs add column draft_hash  text;             -- SHA-256 of the canonical document, as of editions
alter table specs add column changed_by  bigint references people;
alter table specs add column changed_at  timestamptz;

update specs
   set name = document->>'name', changed_by = made_by, changed_at = made_at
  from revisions
 where revisions.spec_id = specs.id and revisions.revision = specs.revision;

create index specs_by_change on specs (team_id, (archived_at is null), changed_at desc, slug);
create index specs_by_name   on specs (team_id, (archived_at is null), lower(name), slug);

-- fonts that no specification uses any more may be removed; what is kept never changes
drop trigger fonts_are_immutable on fonts;
create trigger fonts_are_immutable before update on fonts for each row execute function refuse_change();
