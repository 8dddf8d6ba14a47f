import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { editsBetween } from '../edits/edits-between';
import { applyEdits } from '../edits/apply-edits';
import { turnedBack } from '../edits/edit';
import type { Layout, Placement, Spec } from '../spec/schema';
import { solveLayout } from './solve-layout';
import { anyLayout, practicePage as base } from './testing';

const RUNS = { numRuns: 300, seed: 10 };

const width = fc.integer({ min: 240, max: 2000 });

describe('any layout', () => {
  test('is read as it was written, and its edits turned back restore it', () => {
    fc.assert(
      fc.property(anyLayout, anyLayout, (one, other) => {
        const spec: Spec = { ...base, layouts: [one] };
        expect(readSpec(JSON.parse(JSON.stringify(spec)))).toEqual({ value: spec });
        const edits = editsBetween(spec, { ...base, layouts: [other] });
        expect(applyEdits(applyEdits(spec, edits).value, turnedBack(edits)).value).toEqual(spec);
      }),
      RUNS,
    );
  });

  test('has sections one after the other, and blocks that begin in theirs and end in it where it is as tall as its content', () => {
    fc.assert(
      fc.property(anyLayout, width, (layout, viewport) => {
        const { sections, blocks, height } = solveLayout({ ...base, layouts: [layout] }, layout, viewport);
        for (const [index, { top, height: tall }] of sections.entries()) {
          const next = sections[index + 1];
          if (next) expect(next.top.compare(top.add(tall))).toBeGreaterThanOrEqual(0);
        }
        const last = sections.at(-1)!;
        expect(height.equals(last.top.add(last.height))).toBe(true);
        for (const block of blocks) {
          const home = sections.find(({ id }) => id === block.section)!;
          // a text that stands on a line is moved past the head and the foot of its lane
          const isOnLine = ['caps', 'x-height', 'baseline'].includes(block.placed.stands);
          if (!isOnLine) expect(block.y.compare(home.top)).toBeGreaterThanOrEqual(0);
          if (layout.sections.find(({ id }) => id === home.id)!.tall === 'content' && block.card === null && !isOnLine)
            expect(block.y.add(block.height).compare(home.top.add(home.height))).toBeLessThanOrEqual(0);
        }
      }),
      RUNS,
    );
  });

  test('that is given what follows stands where it stood', () => {
    fc.assert(
      fc.property(anyLayout, (layout) => {
        const spec: Spec = { ...base, layouts: [layout] };
        const solved = solveLayout(spec, layout, 1440);
        const where = new Map(solved.blocks.map(({ id, placed: { columns, lanes } }) => [id, { columns, lanes }]));
        const given: Layout = {
          ...layout,
          sections: layout.sections.map((each) => ({
            ...each,
            blocks: each.blocks.map((block) => {
              const stands = where.get(block.id);
              if (!stands) return block;
              const { columns, lanes } = stands;
              const own: Placement = { ...block.at.desktop, columns: [...columns], lanes: [...lanes] };
              return { ...block, at: { ...block.at, desktop: own } };
            }),
          })),
        };
        const again = solveLayout({ ...base, layouts: [given] }, given, 1440);
        const places = ({ blocks }: typeof solved) =>
          blocks
            .filter(({ card }) => card === null)
            .map(({ id, x, y, width: wide, height }) => [id, ...[x, y, wide, height].map(String)]);
        expect(places(again)).toEqual(places(solved));
      }),
      RUNS,
    );
  });
});
