-- The newest document of a draft, whole, beside its history: lists and fonts ask for it.
create table drafts (
  spec_id  uuid primary key references specs,
  document jsonb not null
);
insert into drafts (spec_id, document)
select spec_id, document
  from revisions
  join specs on specs.id = spec_id and specs.revision = revisions.revision;

-- A revision is kept as the edits that made it of the one before, with the whole document now and then. What was kept
-- whole until here is turned into edits by the step that belongs to this migration (server/migrations/steps.ts).
alter table revisions
  alter column document drop not null,
  add column edits jsonb,
  add column label text not null default '',
  add check (document is not null or edits is not null);

alter table revisions disable trigger revisions_are_immutable;
