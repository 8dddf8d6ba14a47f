import { practiceSpec } from '../../core/spec/testing';
import { ACTIONS } from '../../server/access/permissions';
import { teamAccess } from '../../server/access/access';
import { makeKey } from '../../server/access/keys';
import { actingAs } from '../../server/database/acting-as';
import type { Sql } from '../../server/database/database';
import { addPerson, addTeam } from '../../server/team/people';
import { openSession } from '../../server/sign-in/sessions';
import { createSpec } from '../../server/specs/specs';

/** Where the load is: a team, people who are signed in, specifications, and a key for builds. */
export type Scene = {
  team: string;
  cookies: string[];
  /** Written by half of the writers, each in a breakpoint of their own; watched by every stream. */
  shared: { id: string; slug: string; breakpoints: string[] };
  /** Written by one each. */
  own: { id: string; slug: string }[];
  published: { id: string; slug: string }[];
  key: string;
};

const EVERYTHING = ACTIONS as unknown as [(typeof ACTIONS)[number]];

/** Makes the scene, as whoever owns the database. */
export async function makeScene(
  sql: Sql,
  { people, writers, publishers }: { people: number; writers: number; publishers: number },
): Promise<Scene> {
  const slug = 'rehearsal';
  const team = await addTeam(sql, { slug, name: 'Rehearsal' });
  const cookies: string[] = [];
  let owner = '';
  for (let number = 0; number < people; number++) {
    const { id } = await addPerson(sql, team.id, {
      email: `person-${number}@rehearsal.example`,
      name: `Person ${number}`,
      password: `of no use to anybody ${number}`,
      says: '',
      ...(number === 0 ? { role: 'owner' as const } : {}),
    });
    owner ||= id;
    const token = await openSession(sql, { personId: id, address: '127.0.0.1', agent: 'rehearsal' });
    cookies.push(`ypsiline_session=${token}`);
  }
  const own = actingAs(sql, { personId: owner });
  const access = (await teamAccess(own, owner, slug, ...EVERYTHING))!;
  const base = practiceSpec('Rehearsed');
  const make = async (name: string, document = base) => {
    const made = await createSpec(own, access, { ...document, name });
    return { id: made.id, slug: made.slug };
  };
  // as many breakpoints as there are writers of the shared one
  const first = base.breakpoints[0]!;
  const wide = Array.from({ length: writers }, (_, index) => ({
    ...first,
    id: `width-${index}`,
    name: `Width ${index}`,
    from: index * 200,
    reference: { ...first.reference, width: Math.max(first.reference.width, index * 200) },
  }));
  const breakpoints = wide.map(({ id }) => id);
  const shared = await make('Shared', { ...base, breakpoints: wide });
  const [owns, published] = [[] as Scene['own'], [] as Scene['published']];
  for (let number = 0; number < writers; number++) owns.push(await make(`Own ${number}`));
  for (let number = 0; number < publishers; number++) published.push(await make(`Published ${number}`));
  const key = (await makeKey(own, access, { name: 'Rehearsal', specIds: null, days: 30 })).value!.secret;
  return { team: slug, cookies, shared: { ...shared, breakpoints }, own: owns, published, key };
}
