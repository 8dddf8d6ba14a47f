import { beforeAll, describe, expect, test } from 'vitest';
import { breakpointOf, specWith } from '../../core/spec/testing';
import type { Spec } from '../../core/spec/schema';
import { MOST_SURVEYS } from '../../core/survey/kept-survey';
import { createSpec } from '../../server/specs/specs';
import { keepSurvey, removeSurvey, surveyOf, surveysOf } from '../../server/specs/surveys';
import { onSpec, teamWithMember, testDatabase } from './test-database';

const { sql } = testDatabase();
const document = specWith(breakpointOf({ margin: '16px', count: 4, gutter: '16px' }, 388, { id: 'phone' }));
const box = (name: string, x: number, width: number) => ({ name, x, y: 0, width, height: 80 });
const survey = (name: string) => ({
  name,
  screens: [{ name: 'Home', width: 388, height: 400, boxes: [box('one', 16, 170), box('two', 204, 168)] }],
  chosen: [],
  grid: null as string | null,
});
let member: Awaited<ReturnType<typeof teamWithMember>>;
let outsider: Awaited<ReturnType<typeof teamWithMember>>;

beforeAll(async () => {
  member = await teamWithMember(sql(), 'surveyors');
  outsider = await teamWithMember(sql(), 'others');
});

const spec = async () => (await createSpec(sql(), member.access, document)).id;

describe('surveys of a spec', () => {
  test('are kept whole, with what was off that day', async () => {
    const access = await onSpec(sql(), member, await spec());
    const { value: id } = await keepSurvey(sql(), access, survey('March'), document);
    expect(await surveysOf(sql(), access)).toMatchObject([{ id, name: 'March', screens: 1, edges: 4, slips: 1 }]);
    expect(await surveyOf(sql(), access, id!)).toMatchObject({ ...survey('March'), edges: 4, slips: 1 });
  });

  test('against a grid beside the main one, and read from the right', async () => {
    const grid = 'wide';
    const two: Spec = {
      ...document,
      grids: [{ id: grid, name: 'Wide', at: { phone: { columns: { gutter: '18px' } } } }],
    };
    const access = await onSpec(sql(), member, (await createSpec(sql(), member.access, two)).id);
    const [screen] = survey('Wide').screens;
    const kept = { ...survey('Wide'), screens: [{ ...screen!, direction: 'rtl' as const }], grid };
    const { value: id } = await keepSurvey(sql(), access, kept, two);
    expect(await surveyOf(sql(), access, id!)).toMatchObject(kept);
    // with gutters of 18 the second column ends at 185, and the third begins at 203
    expect(await surveysOf(sql(), access)).toMatchObject([{ edges: 4, slips: 2 }]);
    // a grid that is gone is the main one
    expect(await keepSurvey(sql(), access, { ...kept, grid: 'gone' }, two)).toMatchObject({
      value: expect.any(String),
    });
  });

  test('the newest comes first; one is removed, the others stay', async () => {
    const access = await onSpec(sql(), member, await spec());
    const { value: first } = await keepSurvey(sql(), access, survey('First'), document);
    await keepSurvey(sql(), access, survey('Second'), document);
    expect((await surveysOf(sql(), access)).map(({ name }) => name)).toEqual(['Second', 'First']);
    expect(await removeSurvey(sql(), access, first!)).toBe(true);
    expect(await removeSurvey(sql(), access, first!)).toBe(false);
    expect((await surveysOf(sql(), access)).map(({ name }) => name)).toEqual(['Second']);
  });

  test('are those of no other spec', async () => {
    const one = await onSpec(sql(), member, await spec());
    const { value: id } = await keepSurvey(sql(), one, survey('Own'), document);
    const elsewhere = await onSpec(sql(), outsider, (await createSpec(sql(), outsider.access, document)).id);
    expect(await surveyOf(sql(), elsewhere, id!)).toBeNull();
    expect(await removeSurvey(sql(), elsewhere, id!)).toBe(false);
    expect(await surveyOf(sql(), one, 'no id')).toBeNull();
  });

  test('come along with a copy, and are its own there', async () => {
    const from = await onSpec(sql(), member, await spec());
    const { value: id } = await keepSurvey(sql(), from, survey('Before'), document);
    const copy = await onSpec(sql(), member, (await createSpec(sql(), member.access, document, { copyOf: from })).id);
    const [kept] = await surveysOf(sql(), copy);
    expect(kept).toMatchObject({ name: 'Before', slips: 1 });
    expect(kept!.id).not.toBe(id);
    await removeSurvey(sql(), from, id!);
    expect(await surveysOf(sql(), copy)).toHaveLength(1);
  });

  test('are as many as a spec keeps, also when two are kept at once', async () => {
    const access = await onSpec(sql(), member, await spec());
    await sql()`insert into surveys (spec_id, name, made_by, screens, chosen, edges, slips)
      select ${access.specId}, 'Many', ${access.personId}, '[]', '[]', 0, 0 from generate_series(2, ${MOST_SURVEYS})`;
    const both = await Promise.all(['a', 'b'].map((name) => keepSurvey(sql(), access, survey(name), document)));
    expect(both.filter(({ problem }) => problem === undefined)).toHaveLength(1);
    expect(both.find(({ problem }) => problem)?.problem).toBe(
      `A specification can have up to ${MOST_SURVEYS} surveys. Remove one first.`,
    );
  });
});
