import { beforeAll, describe, expect, test } from 'vitest';
import { may, specAccess, type SpecAccess, teamAccess } from '../../server/access/access';
import { keyAccess } from '../../server/access/key-access';
import { makeKey } from '../../server/access/keys';
import { type Action, ACTIONS, mayDo, mayNot, PERMISSIONS, type Role, ROLES } from '../../server/access/permissions';
import { actingAs } from '../../server/database/acting-as';
import { applicationAddress } from '../../server/database/application-role';
import { connect, type Sql } from '../../server/database/database';
import { editionFile } from '../../server/editions/edition-files';
import { publishEdition } from '../../server/editions/publish';
import { addPerson } from '../../server/team/people';
import { createSpec } from '../../server/specs/specs';
import { DOCUMENT, type Doing, DOINGS, type Scene } from './doings';
import { type Membership, onSpec, teamWithMember, testDatabase } from './test-database';

const { sql, url } = testDatabase();

/** A grant as the gate would give it, given without asking: what is tested then is the database alone. */
type Forged = SpecAccess<Action>;

let application: Sql;
let owner: Membership;
let stranger: Membership;
let specId: string;
const people = {} as Record<Role, string>;

const forged = (personId: string): Forged =>
  ({
    personId,
    role: 'owner',
    teamId: owner.teamId,
    teamSlug: 'harbour',
    teamName: 'harbour',
    specId,
    specSlug: 'all',
  }) as unknown as Forged;

beforeAll(async () => {
  application = connect(applicationAddress(url()), 3);
  owner = await teamWithMember(sql(), 'harbour');
  stranger = await teamWithMember(sql(), 'strangers');
  people.owner = owner.personId;
  for (const role of ['author', 'reviewer', 'reader'] as const) {
    const { id } = await addPerson(sql(), owner.teamId, {
      email: `${role}@example.test`,
      name: `The ${role}`,
      password: 'no one signs in here',
      says: role,
      role,
    });
    people[role] = id;
  }
  specId = (await createSpec(sql(), owner.access, DOCUMENT)).id;
  const published = await publishEdition(sql(), await onSpec(sql(), owner, specId), {
    revision: 1,
    version: '1.0.0',
    note: 'The first.',
  });
  expect(published).toMatchObject({ published: true, version: '1.0.0' });
}, 300_000);

test('the roles that tables let in are those of the table of permissions', async () => {
  const checks = await sql()<{ place: string; says: string }[]>`
    select conrelid::regclass || '.' || attname as place, pg_get_constraintdef(pg_constraint.oid) as says
      from pg_constraint
      join pg_attribute on attrelid = conrelid and attnum = any(conkey)
     where contype = 'c' and attname = 'role'`;
  expect(checks.map(({ place }) => place)).toEqual(expect.arrayContaining(['members.role', 'invitations.role']));
  for (const { place, says } of checks) {
    const roles = [...says.matchAll(/'(\w+)'/g)].map(([, role]) => role!);
    expect([place, roles.toSorted()]).toEqual([place, [...ROLES].toSorted()]);
  }
});

describe('the gate', () => {
  test.each(ROLES.flatMap((role) => ACTIONS.map((action) => [role, action] as const)))(
    '%s, %s',
    async (role, action) => {
      const allowed = (PERMISSIONS[action].roles as readonly Role[]).includes(role);
      expect((await teamAccess(sql(), people[role], 'harbour', action)) !== null).toBe(allowed);
      expect((await specAccess(sql(), people[role], { id: specId }, action)) !== null).toBe(allowed);
      const reading = (await specAccess(sql(), people[role], { id: specId }, 'read'))!;
      expect(may(reading, action) !== null).toBe(allowed);
      // of another team: nothing
      expect(await teamAccess(sql(), stranger.personId, 'harbour', action)).toBeNull();
      expect(await specAccess(sql(), stranger.personId, { id: specId }, action)).toBeNull();
    },
  );

  test('says who may', () => {
    expect(mayNot('reader', 'archive')).toBe(
      'A reader of this team may not archive specifications; owners and authors may.',
    );
    expect(mayNot('author', 'people')).toMatch(/^An author of this team may not invite .*; owners may\.$/);
  });

  test('a key opens editions and nothing else', () => {
    expect(ACTIONS.filter((action) => mayDo('key', action))).toEqual(['read']);
  });
});

/** Everything that stands in the database, as one text for each table; files stand there by their SHA-256. */
async function everything(): Promise<Record<string, string>> {
  const tables = await sql()<{ name: string; columns: string }[]>`
    select table_name as name, string_agg(quote_ident(column_name), ', ' order by ordinal_position) as columns
      from information_schema.columns
     where table_schema = 'public' and column_name not in ('bytes', 'file')
     group by table_name`;
  const [row] = await sql().unsafe(
    `select ${tables
      .map(
        ({ name, columns }) =>
          `(select coalesce(md5(string_agg(t::text, '|' order by t::text)), '') from (select ${columns} from ${name}) t) as "${name}"`,
      )
      .join(', ')}`,
  );
  return row as unknown as Record<string, string>;
}

const ROLE_OF_ALL = 'everybody may';

/** Puts everybody back where the scene has them, whatever was done before. */
async function setScene(): Promise<Scene> {
  for (const role of ROLES)
    await sql()`
      insert into members (team_id, person_id, role) values (${owner.teamId}, ${people[role]}, ${role})
      on conflict (team_id, person_id) do update set role = excluded.role, left_at = null`;
  return {
    sql: sql(),
    owner: owner.access,
    on: (id) => ({ ...owner.access, specId: id, specSlug: 'any' }),
    specId,
  };
}

/** Does something for somebody, with the gate taken out; answers whether anything in the database is another thing now. */
async function changes(personId: string, { prepare, does }: Doing): Promise<boolean> {
  const scene = await setScene();
  const id = (await prepare?.(scene)) ?? '';
  const before = await everything();
  // refused by an error, or by rows that are not there: the same to whoever asks
  await does(actingAs(application, { personId }), forged(personId), id, scene).catch(() => null);
  return JSON.stringify(before) !== JSON.stringify(await everything());
}

describe('the database alone, with the gate taken out', () => {
  describe.each(DOINGS.map((doing) => [doing.name, doing] as const))('%s', (_, doing) => {
    const refused = ROLES.filter((role) => !mayDo(role, doing.action));
    const allowed = ROLES.filter((role) => mayDo(role, doing.action));
    test.each(refused.length > 0 ? refused : [ROLE_OF_ALL])('nothing happens for: %s', async (role) => {
      if (role === ROLE_OF_ALL) return expect(allowed).toEqual([...ROLES]);
      expect(await changes(people[role as Role], doing)).toBe(false);
    });
    test('nothing happens for somebody of another team', async () => {
      expect(await changes(stranger.personId, doing)).toBe(false);
    });
    test.each(allowed)('it is done for: %s', async (role) => {
      expect(await changes(people[role], doing)).toBe(true);
    });
  });

  test('somebody of another team sees nothing of this one, in any table', async () => {
    const tables = await sql()<{ name: string; column: string }[]>`
      select table_name as name, column_name as column
        from information_schema.columns
       where table_schema = 'public' and column_name in ('team_id', 'spec_id')
       order by 1, 2`;
    expect(tables.length).toBeGreaterThan(10);
    const [theirs, own] = [stranger.personId, owner.personId].map((personId) => actingAs(application, { personId }));
    let seen = 0;
    for (const { name, column } of tables) {
      const value = column === 'team_id' ? owner.teamId : specId;
      const count = async (who: Sql): Promise<number> => {
        const rows = await who.begin((transaction) =>
          transaction.unsafe(`select count(*)::int as count from ${name} where ${column} = '${value}'`),
        );
        return (rows[0] as unknown as { count: number }).count;
      };
      expect(await count(theirs!), `${name}.${column}`).toBe(0);
      seen += await count(own!);
    }
    expect(seen).toBeGreaterThan(10);
  });

  test('nobody in particular sees no team at all, and no table lies open', async () => {
    const tables = await sql()<{ name: string }[]>`
      select tablename as name from pg_tables where schemaname = 'public' and not rowsecurity order by 1`;
    expect(tables).toEqual([]);
    for (const name of [
      'teams',
      'people',
      'members',
      'specs',
      'drafts',
      'revisions',
      'editions',
      'edition_files',
      'access_keys',
      'sessions',
    ])
      expect(
        (await application.unsafe(`select count(*)::int as count from ${name}`).catch(() => [{ count: 0 }]))[0],
        name,
      ).toEqual({ count: 0 });
  });

  test('the application’s role owns nothing, passes no policy by, and reads no password', async () => {
    const [role] = await sql()`
      select rolsuper, rolbypassrls, rolcreaterole,
             (select count(*)::int from pg_class where relowner = pg_roles.oid) as owned
        from pg_roles where rolname = 'ypsiline_app'`;
    expect(role).toEqual({ rolsuper: false, rolbypassrls: false, rolcreaterole: false, owned: 0 });
    const own = actingAs(application, { personId: owner.personId });
    await expect(own`select password_hash from people`).rejects.toThrow(/permission denied/);
    await expect(own`update migrations set checksum = ''`).rejects.toThrow(/permission denied/);
    await expect(own`insert into role_may (role, action) values ('reader', 'people')`).rejects.toThrow(
      /permission denied/,
    );
  });

  test('a key sees the editions of what it opens, and no draft', async () => {
    const other = await createSpec(sql(), owner.access, { ...DOCUMENT, name: 'Not opened' });
    const made = await makeKey(sql(), owner.access, { name: 'Build', specIds: [specId], days: 1 });
    const access = (await keyAccess(application, made.value!.secret, { team: 'harbour', spec: 'all' }))!;
    const own = actingAs(application, access);
    expect((await editionFile(own, access, '1.0.0', 'grid.css'))?.version).toBe('1.0.0');
    const [seen] = await own`
      select (select count(*)::int from specs) as specs, (select count(*)::int from drafts) as drafts,
             (select count(*)::int from revisions) as revisions, (select count(*)::int from people) as people,
             (select count(*)::int from specs where id = ${other.id}) as others`;
    expect(seen).toEqual({ specs: 1, drafts: 0, revisions: 0, people: 0, others: 0 });
    expect(await keyAccess(application, made.value!.secret, { team: 'harbour', spec: 'not-opened' })).toBeNull();
  });
});
