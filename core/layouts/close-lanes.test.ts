import fc from 'fast-check';
import { expect, test } from 'vitest';
import { readSpec } from '../document/read';
import type { Block, Placement, Spec } from '../spec/schema';
import { withoutBlocks } from './arrange';
import { addLayout } from './starting-layouts';
import { idsOf } from './edit-layout';
import { solveLayout } from './solve-layout';
import { anyLayout, layoutOf, practicePage } from './testing';

const area = (id: string, at: Record<string, Placement>): Block => ({ id, name: id, holds: { area: 'plain' }, at });
const pageOf = (...blocks: Block[]): Spec => {
  const space = { phone: { above: 1, between: [2, 4, 6] }, desktop: { between: [3, 5] } };
  return { ...practicePage, layouts: [layoutOf(blocks, { space })] };
};
const lanes = (spec: Spec, width: number): string =>
  solveLayout(spec, spec.layouts[0]!, width)
    .blocks.map(({ id, placed }) => `${id} ${placed.lanes.join('–')}`)
    .join(', ');
const rows = (spec: Spec, width: number): number[] =>
  solveLayout(spec, spec.layouts[0]!, width).space.map((space) => space.rows);

test('a lane that nothing stands in any more closes at every breakpoint; each keeps the white space above it', () => {
  const spec = pageOf(
    area('a', { phone: { lanes: [1, 1] } }),
    area('b', { phone: { lanes: [2, 2] }, desktop: { lanes: [1, 1] } }),
    area('c', { phone: { lanes: [3, 3] }, desktop: { lanes: [2, 2] } }),
    area('d', { phone: { lanes: [4, 4] }, desktop: { lanes: [3, 3] } }),
  );
  const without = withoutBlocks(spec, 'front', ['c']);
  expect([lanes(without, 390), lanes(without, 1440)]).toEqual(['a 1–1, b 2–2, d 3–3', 'a 1–1, b 1–1, d 2–2']);
  expect([rows(without, 390), rows(without, 1440)]).toEqual([
    [1, 2, 6, 0],
    [1, 5, 0],
  ]);
});

test('a lane that somebody shares, and one in which nothing stood before, stay', () => {
  const spec = pageOf(
    area('a', { phone: { lanes: [1, 1], columns: [1, 2] } }),
    area('b', { phone: { lanes: [1, 1], columns: [3, 4] } }),
    area('c', { phone: { lanes: [3, 3] } }),
  );
  expect(lanes(withoutBlocks(spec, 'front', ['b']), 390)).toBe('a 1–1, c 3–3');
});

test('in a card too: without its title, the text is right under the picture', () => {
  const { spec } = addLayout(practicePage, 'shop', 'Shop').value!;
  const without = withoutBlocks(spec, 'shop', ['product-1-name']);
  const [, second] = solveLayout(without, without.layouts[0]!, 1440).blocks.filter(({ card }) => card === 'product-1');
  expect(second!.placed.lanes).toEqual([2, 2]);
});

test('whatever goes, the document can be kept, and no lane is left empty that was not', () => {
  fc.assert(
    fc.property(anyLayout, fc.nat(), (layout, pick) => {
      const spec = { ...practicePage, layouts: [layout] };
      const ids = idsOf(layout.sections.flatMap(({ blocks }) => blocks));
      if (ids.length === 0) return;
      const next = withoutBlocks(spec, 'any', [ids[pick % ids.length]!]);
      expect(readSpec(JSON.parse(JSON.stringify(next))).problem).toBeUndefined();
      const empty = (of: Spec): number =>
        solveLayout(of, of.layouts[0]!, 744).sections.reduce((sum, { id }) => {
          const own = solveLayout(of, of.layouts[0]!, 744).blocks.filter((each) => each.section === id && each.card === null); // prettier-ignore
          const used = new Set(own.flatMap(({ placed: { lanes: [a, b] } }) => Array.from({ length: b - a + 1 }, (_, index) => a + index))); // prettier-ignore
          return sum + Math.max(0, ...used) - used.size;
        }, 0);
      if (!JSON.stringify(layout).includes('"hidden":true')) expect(empty(next)).toBeLessThanOrEqual(empty(spec));
    }),
    { numRuns: 300, seed: 21 },
  );
});
