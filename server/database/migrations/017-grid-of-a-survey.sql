-- against which of its spec's grids a survey is held; null: the main one
alter table surveys add column grid text;
