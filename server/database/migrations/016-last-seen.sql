-- when somebody was last here, to the minute; it outlasts their sessions
alter table people add column seen_at timestamptz;

update people set seen_at = (select max(seen_at) from sessions where person_id = people.id);

create or replace function person_of_session(token bytea) returns table (id bigint, email text, name text)
  language plpgsql security definer set search_path = public as $$
begin
  if not pg_is_in_recovery() then
    update sessions set seen_at = now() where token_hash = token and expires_at > now() and seen_at < now() - interval '1 minute';
    update people set seen_at = now()
      from sessions
     where token_hash = token and expires_at > now() and people.id = person_id
       and coalesce(people.seen_at < now() - interval '1 minute', true);
  end if;
  return query select people.id, people.email, people.name
                 from sessions join people on people.id = person_id
                where token_hash = token and expires_at > now();
end $$;
