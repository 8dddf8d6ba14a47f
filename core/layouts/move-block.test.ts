import fc from 'fast-check';
import { expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { practiceSpec } from '../spec/testing';
import type { Spec } from '../spec/schema';
import { intoAt, isIn, moveInto, type Point } from './move-block';
import { solveLayout, type SolvedLayout } from './solve-layout';
import { addLayout } from './starting-layouts';

const front = addLayout(practiceSpec('Trial'), 'front', 'Front').value!.spec;
const solve = (spec: Spec, width = 1440): SolvedLayout => solveLayout(spec, spec.layouts[0]!, width);
const middleOf = (solved: SolvedLayout, id: string): Point => {
  const { x, y, width, height } = solved.blocks.find((block) => block.id === id)!;
  return { x: x.valueOf() + width.valueOf() / 2, y: y.valueOf() + height.valueOf() / 2 };
};
const move = (spec: Spec, id: string, point: Point, start = point.x): Spec => {
  const solved = solve(spec);
  const into = intoAt(solved, id, point)!;
  return moveInto(spec, spec.layouts[0]!, solved, id, { into, point, start }).value!;
};
const where = (spec: Spec, id: string) => {
  const { section, card, placed } = solve(spec).blocks.find((block) => block.id === id)!;
  return [section, card, placed.columns.join('–'), placed.lanes[0]];
};

test('under a place there is a card, the section, or the last section', () => {
  const solved = solve(front);
  const card = middleOf(solved, 'card-2');
  expect(intoAt(solved, 'heading', card)).toEqual({ section: 'cards', card: 'card-2' });
  expect(intoAt(solved, 'card-1', card)).toEqual({ section: 'cards', card: null });
  expect(intoAt(solved, 'heading', { x: 700, y: 10 })).toEqual({ section: 'opening', card: null });
  expect(intoAt(solved, 'heading', { x: 700, y: 99_999 })).toEqual({ section: 'cards', card: null });
  expect(intoAt(solved, 'gone', card)).toBeNull();
});

test('a heading goes to the foot of the opening, on the columns where it is let go, and into a card and out again', () => {
  const solved = solve(front);
  const { top, height } = solved.sections[0]!;
  // the heading keeps its 12 columns
  const moved = move(front, 'heading', { x: 200, y: top.add(height).valueOf() - 5 }, 144);
  expect(where(moved, 'heading')).toEqual(['opening', null, '1–12', 2]);
  expect(moved.layouts[0]!.sections[0]!.blocks.map(({ id }) => id)).toEqual([
    'opening-heading',
    'opening-picture',
    'heading',
  ]);

  const inCard = move(front, 'opening-heading', {
    ...middleOf(solved, 'card-3'),
    y: middleOf(solved, 'card-3-text').y,
  });
  expect(where(inCard, 'opening-heading').slice(0, 2)).toEqual(['cards', 'card-3']);
  const out = move(inCard, 'opening-heading', { x: 700, y: solve(inCard).sections[0]!.top.valueOf() + 4 }, 830);
  expect(where(out, 'opening-heading').slice(0, 2)).toEqual(['opening', null]);
});

test('wherever a block is let go, it stands there alone in its lane, the document can be kept, and the others stay on their columns', () =>
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.nat(), fc.nat(1500), fc.nat(2400)), { minLength: 1, maxLength: 5 }), (acts) => {
      let spec = front;
      for (const [which, x, y] of acts) {
        const solved = solve(spec);
        const block = solved.blocks[which % solved.blocks.length]!;
        const into = intoAt(solved, block.id, { x, y })!;
        if (isIn(block, into) || into.card === block.id) continue;
        const { value, problem } = moveInto(spec, spec.layouts[0]!, solved, block.id, {
          into,
          point: { x, y },
          start: x,
        });
        expect(problem).toBeUndefined();
        expect(readSpec(value!).problem).toBeUndefined();
        for (const width of [1440, 768, 390]) {
          const [was, is] = [solve(spec, width), solve(value!, width)];
          const moved = is.blocks.find(({ id }) => id === block.id)!;
          expect(isIn(moved, into)).toBe(true);
          expect(is.blocks.map(({ id }) => id).sort()).toEqual(was.blocks.map(({ id }) => id).sort());
          const columns = ({ blocks }: SolvedLayout) => new Map(blocks.map(({ id, card, placed }) => [id, card === null ? placed.columns.join() : ''])); // prettier-ignore
          const [before, after] = [columns(was), columns(is)];
          for (const [id, own] of before) if (id !== block.id) expect(after.get(id)).toBe(own);
          for (const other of is.blocks)
            if (other.id !== block.id && isIn(other, into) && other.placed.lanes[0] === other.placed.lanes[1])
              expect(other.placed.lanes[0]).not.toBe(moved.placed.lanes[0]);
        }
        spec = value!;
      }
    }),
    { numRuns: 80 },
  ));
