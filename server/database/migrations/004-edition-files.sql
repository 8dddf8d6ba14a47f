-- The files of an edition, as they were written when it was published. Nothing writes them anew.
create table edition_files (
  edition_id bigint  not null references editions,
  name       text    not null,
  media_type text    not null,
  bytes      bytea   not null,
  sha256     text    not null check (sha256 ~ '^[0-9a-f]{64}$'),
  writer     integer not null,             -- the version of what wrote it
  primary key (edition_id, name)
);

create trigger edition_files_are_immutable before update or delete on edition_files for each row execute function refuse_change();
create trigger edition_files_stay          before truncate         on edition_files for each statement execute function refuse_change();

create index specs_by_must_fix on specs (team_id, (archived_at is null), must_fix desc nulls first, weigh desc, slug);
