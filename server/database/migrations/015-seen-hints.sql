-- What the interface explains once, and a person has dismissed: kept with the account, so that it is gone in every browser.
create table seen_hints (
  person_id bigint not null references people,
  hint      text   not null check (hint ~ '^[a-z-]{1,40}$'),
  primary key (person_id, hint)
);
alter table seen_hints enable row level security;
create policy own on seen_hints using (person_id = asking_person());
