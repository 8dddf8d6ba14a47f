-- what is known of a key or a public link, for whoever has its secret: why it does not open what was asked
create function key_state(secret bytea)
  returns table (is_link boolean, revoked_at timestamptz, lapses_at timestamptz, team text, specs jsonb)
  language sql stable security definer set search_path = public as $$
  select access_keys.is_link, access_keys.revoked_at, access_keys.lapses_at, teams.slug,
         case when spec_ids is null then null
              else coalesce((select jsonb_agg(specs.slug order by specs.slug) from specs where specs.id = any(spec_ids)), '[]') end
    from access_keys
    join teams on teams.id = team_id
   where token_hash = secret $$;
