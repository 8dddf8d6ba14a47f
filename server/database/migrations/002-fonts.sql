-- Font files that teams brought, kept as they came, with the measures that were read from them.

create table fonts (
  id          bigint generated always as identity primary key,
  team_id     bigint not null references teams,
  sha256      text not null check (sha256 ~ '^[0-9a-f]{64}$'),
  format      text not null check (format in ('ttf', 'otf', 'woff', 'woff2')),
  measures    jsonb not null,               -- family and measures, as documents carry them
  file        bytea not null check (octet_length(file) <= 5 * 1024 * 1024),
  uploaded_by bigint not null references people,
  uploaded_at timestamptz not null default now(),
  unique (team_id, sha256)
);

create trigger fonts_are_immutable before update or delete on fonts for each row execute function refuse_change();
