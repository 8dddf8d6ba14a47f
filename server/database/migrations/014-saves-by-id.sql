-- A save that is sent again because its answer was lost is known by its id.
alter table revisions add column save_id uuid;
create unique index revisions_by_save on revisions (spec_id, made_by, save_id) where save_id is not null;
