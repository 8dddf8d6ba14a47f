import type { Parsed } from '../../core/parsed';
import type { Sql } from '../database/database';
import { passwordProblem } from '../sign-in/own-password';
import type { Person } from '../sign-in/sessions';

const TAKEN = 'Another account already uses this e-mail.';

/** Changes the name under which one is seen. */
export async function rename(sql: Sql, person: Person, name: string): Promise<void> {
  await sql`update people set name = ${name} where id = ${person.id}`;
}

/** Changes the e-mail with which one signs in, after checking the password; a sentence where it is somebody else’s. */
export async function changeEmail(
  sql: Sql,
  person: Person,
  { email, password }: { email: string; password: string },
): Promise<Parsed<string>> {
  const address = email.trim().toLowerCase();
  const held = await passwordProblem(sql, password);
  if (held) return held;
  const [{ taken }] =
    (await sql`select address_is_taken(${address}, false) and ${address} <> ${person.email} as taken`) as unknown as [
      { taken: boolean },
    ];
  if (taken) return { problem: TAKEN };
  try {
    await sql`update people set email = ${address} where id = ${person.id}`;
  } catch (error) {
    // somebody took it at the same moment
    if ((error as { code?: string }).code === '23505') return { problem: TAKEN };
    throw error;
  }
  return { value: address };
}
