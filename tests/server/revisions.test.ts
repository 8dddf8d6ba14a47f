import { NEWEST_VERSION } from '../../core/document/read';
import { beforeAll, describe, expect, test } from 'vitest';
import { writeCell } from '../../core/quantities/write-cell';
import type { Edit } from '../../core/edits/edit';
import type { Spec } from '../../core/spec/schema';
import { practiceSpec } from '../../core/spec/testing';
import { draftOf, saveDraft, saveDocument } from '../../server/specs/drafts';
import { migrate } from '../../server/database/migrate';
import { documentAt } from '../../server/specs/revisions';
import { createSpec, specOf } from '../../server/specs/specs';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();
let member: Awaited<ReturnType<typeof teamWithMember>>;
beforeAll(async () => {
  member = await teamWithMember(sql(), 'members');
});

const start = practiceSpec('Kept');
const gutter = ['breakpoints', 'tablet', 'columns', 'gutter'];
const make = async () => {
  const { id } = await createSpec(sql(), member.access, start);
  return { id, access: await onSpec(sql(), member, id) };
};

describe('revisions', () => {
  test('any of a hundred is read as it was saved, the whole kept every 32nd', async () => {
    const { id, access } = await make();
    const saved: Spec[] = [start];
    for (let basedOn = 1; basedOn <= 100; basedOn++) {
      const which = ['phone', 'tablet', 'desktop'][basedOn % 3]!;
      const document = writeCell(saved.at(-1)!, which, 'gutter', String(8 + basedOn)).value!;
      expect(await saveDocument(sql(), access, { basedOn, document })).toMatchObject({ saved: true });
      saved.push(document);
    }
    for (const [index, document] of saved.entries())
      expect((await draftOf(sql(), access, index + 1)).document).toEqual(document);
    expect((await specOf(sql(), access)).document).toEqual(saved.at(-1));
    const whole = await sql()`select revision from revisions where spec_id = ${id} and document is not null order by 1`;
    expect(whole.map(({ revision }) => revision as number)).toEqual([1, 33, 65, 97]);
  });

  test('a save of one cell keeps its edit and a word for it, in less than 2 kB', async () => {
    const { id, access } = await make();
    const edits: Edit[] = [{ at: gutter, before: '16px', after: '24px' }];
    await saveDraft(sql(), access, { basedOn: 1, edits });
    const [kept] = await sql()`
      select edits, document, label, pg_column_size(revisions.*) as bytes from revisions where spec_id = ${id} and revision = 2`;
    expect(kept).toMatchObject({ edits, document: null, label: 'Gutter, Tablet' });
    expect(kept!.bytes).toBeLessThan(2048);
  });

  test.each<[string, Edit[], RegExp]>([
    [
      'another value than before',
      [{ at: gutter, before: '15px', after: '24px' }],
      /^\/breakpoints\/tablet\/columns\/gutter is "16px" now, not "15px"/,
    ],
    [
      'a place that is not there',
      [{ at: ['breakpoints', 'watch', 'name'], before: 'a', after: 'b' }],
      /is no place in/,
    ],
    ['a document that cannot be kept', [{ at: gutter, before: '16px', after: 'wide' }], /“wide” isn’t a length/],
  ])('edits are refused in a sentence, and nothing is written: %s', async (_, edits, problem) => {
    const { access } = await make();
    const answer = await saveDraft(sql(), access, { basedOn: 1, edits });
    expect(answer).toMatchObject({ saved: false });
    expect((answer as { problem: string }).problem).toMatch(problem);
    expect((await specOf(sql(), access)).revision).toBe(1);
  });

  test('a document of an older version is brought up by its next save, which keeps it whole', async () => {
    const { id, access } = await make();
    const old = { ...start, ypsiline: 1, layouts: [{ then: 1 }] };
    await sql()`update drafts set document = ${sql().json(old)} where spec_id = ${id}`;
    await saveDraft(sql(), access, { basedOn: 1, edits: [{ at: gutter, before: '16px', after: '24px' }] });
    const document = (await documentAt(sql(), id, 2)) as Spec;
    expect(document.ypsiline).toBe(NEWEST_VERSION);
    expect(document.layouts[0]!.notes).toBe('[{"then":1}]');
    expect((await draftOf(sql(), access, 2)).document.breakpoints[1]!.columns.gutter).toBe('24px');
  });
});

describe('revisions that were kept whole', () => {
  const { sql: old } = testDatabase({ upTo: '004' });

  test('are carried over as edits, each still what it was, and one that cannot be read too', async () => {
    const [spec] = await old()`
      with team as (insert into teams (slug, name) values ('then', 'Then') returning id),
           person as (insert into people (email, name, password_hash) values ('a@b.test', 'Anna', '') returning id)
      insert into specs (team_id, slug, revision) select team.id, 'old', 70 from team returning id`;
    const documents: unknown[] = [];
    for (let revision = 1; revision <= 70; revision++) {
      const breakpoints = start.breakpoints.map((each) => ({ ...each, from: each.from + (each.from && revision) }));
      documents.push(
        revision === 40 ? { broken: true } : { ...start, ypsiline: 1, breakpoints, name: `At ${revision}` },
      );
      await old()`
        insert into revisions (spec_id, revision, document, made_by)
        values (${spec!.id}, ${revision}, ${old().json(documents.at(-1) as never)}, (select id from people))`;
    }
    await migrate(old());
    for (const [index, document] of documents.entries())
      expect(await documentAt(old(), spec!.id as string, index + 1)).toEqual(document);
    const [{ whole }] = (await old()`
      select count(document)::int as whole from revisions where spec_id = ${spec!.id}`) as unknown as [
      { whole: number },
    ];
    // the first of each 32, and the two around what cannot be read
    expect(whole).toBeLessThanOrEqual(5);
    await expect(old()`update revisions set label = 'x'`).rejects.toThrow('UPDATE is refused');
    expect(await old()`select document from drafts`).toMatchObject([{ document: documents.at(-1) }]);
  });
});
