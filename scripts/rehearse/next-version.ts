import { cpSync, mkdirSync, readdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * An application of the next schema version: this one, with one migration more that adds a column, as the first step of a change is made (expand, then
 * contract).
 */
export function nextVersion(folder: string): { cwd: string; migrations: string } {
  const [from, cwd] = [process.cwd(), join(folder, 'next')];
  mkdirSync(join(cwd, 'server'), { recursive: true });
  for (const name of readdirSync(from))
    if (!['server', '.git'].includes(name)) symlinkSync(join(from, name), join(cwd, name));
  for (const name of readdirSync(join(from, 'server')))
    if (name !== 'migrations') symlinkSync(join(from, 'server', name), join(cwd, 'server', name));
  const migrations = join(cwd, 'server/database/migrations');
  cpSync(join(from, 'server/database/migrations'), migrations, { recursive: true });
  const numbers = readdirSync(migrations).map((name) => Number(name.slice(0, 3)) || 0);
  const next = String(Math.max(...numbers) + 1).padStart(3, '0');
  writeFileSync(
    join(migrations, `${next}-rehearsed.sql`),
    "alter table specs add column rehearsed text not null default '';\n",
  );
  return { cwd, migrations };
}
