-- Surveys that are kept with a spec: names, sizes and boxes of screens, never their pictures. What was off when a survey
-- was kept stays, so that it can be compared with the spec of a later day.
create table surveys (
  id      uuid primary key default gen_random_uuid(),
  spec_id uuid        not null references specs,
  name    text        not null,
  made_by bigint      not null references people,
  made_at timestamptz not null default now(),
  screens jsonb       not null,
  chosen  jsonb       not null,
  edges   integer     not null,
  slips   integer     not null
);
create index surveys_of_a_spec on surveys (spec_id, made_at desc, id);
