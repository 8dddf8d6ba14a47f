-- A public link is a key that stands in an address, for one spec: whoever has the address reads its editions. It lapses and is
-- revoked as keys are; a key opens no link’s address, and a link is no key.
alter table access_keys add column is_link boolean not null default false;
alter table access_keys add constraint links_are_for_one_spec check (not is_link or cardinality(spec_ids) = 1);
