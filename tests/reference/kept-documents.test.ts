import { describe, expect, test } from 'vitest';
import { NEWEST_VERSION, readSpec, readSpecText } from '../../core/document/read';
import { DRAWN_IN_VERSION_2, KEPT_LATER, KEPT_TEXTS } from './kept/kept';
import { solveLayout } from '../../core/layouts/solve-layout';
import type { Spec } from '../../core/spec/schema';
import { checkReport } from '../../core/report/check-report';

test('there are at least ten of version 1', () => expect(KEPT_TEXTS.length).toBeGreaterThanOrEqual(10));

describe.each(KEPT_TEXTS)('$file', ({ text }) => {
  const before = JSON.parse(text) as Record<string, unknown>;
  const { value: spec, problem } = readSpecText(text);

  test('is read, and says what it said', () => {
    expect(problem).toBeUndefined();
    const { layouts: _then, ...others } = before;
    expect(spec).toEqual({ ...others, ypsiline: NEWEST_VERSION, layouts: spec!.layouts });
  });

  test('loses nothing of what it kept under layouts', () => {
    const kept = before.layouts as unknown[];
    expect(spec!.layouts).toHaveLength(kept.length > 0 ? 1 : 0);
    for (const { notes, sections } of spec!.layouts) {
      expect(JSON.parse(notes)).toEqual(kept);
      expect(sections).toEqual([]);
    }
  });

  test('brought up once, stays as it is', () => expect(readSpec(structuredClone(spec))).toEqual({ value: spec }));

  test('is worked out', () => expect(checkReport(spec!).breakpoints).toHaveLength(spec!.breakpoints.length));
});

describe.each(DRAWN_IN_VERSION_2)('of version 2, $file', ({ document, drawn }) => {
  const { value: spec, problem } = readSpec(structuredClone(document));

  test('every block is drawn where that version drew it', () => {
    expect(problem).toBeUndefined();
    for (const { id, reference } of spec!.breakpoints)
      for (const layout of spec!.layouts) {
        const { blocks } = solveLayout(spec!, layout, reference.width);
        const now = blocks.map((block) => [
          block.id,
          [
            ...[block.x, block.y, block.width, block.height].map((each) => each.toFraction()),
            block.placed.columns.join('-'),
          ],
        ]);
        expect(Object.fromEntries(now)).toEqual(drawn[layout.id]![id]);
      }
  });

  test('what was given is given', () => {
    const given = JSON.stringify((document as Spec).layouts.map(({ id, name, notes }) => [id, name, notes]));
    expect(JSON.stringify(spec!.layouts.map(({ id, name, notes }) => [id, name, notes]))).toBe(given);
    const at = (spec: Spec) => spec.layouts.flatMap((each) => each.sections).flatMap(({ blocks }) => blocks);
    for (const [index, block] of at(document as Spec).entries()) expect(at(spec!)[index]!.at).toMatchObject(block.at);
  });

  test('brought up once, it stays as it is', () => expect(readSpec(structuredClone(spec))).toEqual({ value: spec }));
});

describe.each(KEPT_LATER)('of version $version, $file', ({ document }) => {
  test('says what it said, under the next number', () =>
    expect(readSpec(structuredClone(document))).toEqual({ value: { ...document, ypsiline: NEWEST_VERSION } }));
});

test.each<[string, object, string]>([
  [
    'a list of something else than records',
    { layouts: ['front'] },
    'layouts[0]: This is “front”; an object with keys belongs here.',
  ],
  ['no list', { layouts: 'front' }, 'layouts: This is “front”; a list belongs here.'],
  ['a version of nothing', { ypsiline: 0 }, '“ypsiline” is the version of the document, a whole number from 1 to 5.'],
  ['half a version', { ypsiline: 1.5 }, '“ypsiline” is the version of the document, a whole number from 1 to 5.'],
])('a broken old document is refused in a sentence: %s', (_, broken, problem) => {
  expect(readSpec({ ...JSON.parse(KEPT_TEXTS[0]!.text), ...broken }).problem).toBe(problem);
});
