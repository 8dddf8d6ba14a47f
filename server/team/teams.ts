import { MOST } from '../../core/limits';
import type { Parsed } from '../../core/parsed';
import { slug } from '../../core/spec/slug';
import type { Sql } from '../database/database';
import { isReserved } from './reserved-addresses';
import { log } from './log';

/** Makes a team, whose owner is the person who asks; answers with its address, which stays. */
export async function makeTeam(sql: Sql, personId: string, name: string): Promise<Parsed<string>> {
  const wanted = slug(name);
  if (!/^[a-z]/.test(wanted)) return { problem: `The name “${name}” can’t become an address. Start it with a letter.` };
  return sql.begin(async (transaction): Promise<Parsed<string>> => {
    const [owned] = await transaction<{ count: number }[]>`
      select count(*)::int from members where person_id = ${personId} and role = 'owner' and left_at is null`;
    if (owned!.count >= MOST.teamsOwned) return { problem: `You own ${MOST.teamsOwned} teams, the maximum.` };
    for (let number = 1; number <= 200; number++) {
      const address = number === 1 ? wanted : `${wanted}-${number}`;
      if (isReserved(address)) continue;
      const [made] = await transaction<{ teamId: string | null }[]>`select make_team(${address}, ${name}) as team_id`;
      if (!made?.teamId) continue;
      const access = { teamId: made.teamId, personId } as Parameters<typeof log>[1];
      await log(transaction, access, { action: 'team', about: name });
      return { value: address };
    }
    return { problem: 'Too many teams have this name. Enter another.' };
  });
}
