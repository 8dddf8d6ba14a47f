import type { Parsed } from '../core/length/parsed';
import type { Sql } from './database';
import { type Subject, succeeded, takeTry } from './sign-in/delays';
import { passwordFits } from './sign-in/passwords';
import type { Person } from './sign-in/sessions';

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
  const subject: Subject = { kind: 'account', name: `change ${person.id}` };
  const wait = await takeTry(sql, subject);
  if (wait !== null) return { problem: `Too many attempts. Wait ${wait} seconds, then try again.` };
  const [own] = await sql<{ passwordHash: string }[]>`select password_hash from person_to_sign_in(${person.email})`;
  if (!(await passwordFits(own?.passwordHash, password)))
    return { problem: 'This is not the password that you have now.' };
  await succeeded(sql, subject);
  const [taken] = await sql<{ id: string }[]>`select id from person_to_sign_in(${address})`;
  if (taken && taken.id !== person.id) return { problem: 'This e-mail belongs to another account here.' };
  try {
    await sql`update people set email = ${address} where id = ${person.id}`;
  } catch (error) {
    // somebody took it at the same moment
    if ((error as { code?: string }).code === '23505')
      return { problem: 'This e-mail belongs to another account here.' };
    throw error;
  }
  return { value: address };
}
