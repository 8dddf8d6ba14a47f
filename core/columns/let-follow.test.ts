import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Columns } from '../spec/schema';
import { practiceColumns, solvedColumns, texts } from '../spec/testing';
import { follows, FOLLOWING_QUANTITIES, letFollow } from './let-follow';

const desktop: Partial<Columns> = { container: '1152px', margin: 'auto', gutter: '24px' };

function followed(held: Partial<Columns>, quantity: (typeof FOLLOWING_QUANTITIES)[number]): Columns {
  return letFollow(practiceColumns(held), solvedColumns(1440, held), quantity);
}

describe('letting a quantity follow holds what followed before', () => {
  test('the gutter in place of the column', () => {
    expect(followed(desktop, 'gutter')).toMatchObject({ gutter: 'auto', column: '74px', container: '1152px' });
  });
  test('the container in place of the margin', () => {
    expect(followed(desktop, 'container')).toMatchObject({ container: 'fill', margin: '144px' });
  });
  test('the margin in place of a container that fills', () => {
    expect(followed({ margin: '144px', gutter: '24px' }, 'margin')).toMatchObject({
      margin: 'auto',
      container: '1152px',
    });
  });
  test('the count in place of the column', () => {
    expect(followed(desktop, 'count')).toMatchObject({ count: 'auto', column: '74px', gutter: '24px' });
  });
  test('unequal margins are both held', () => {
    const held: Partial<Columns> = { container: '1150px', margin: { start: '100px', end: 'auto' }, gutter: '24px' };
    expect(followed(held, 'container').margin).toEqual({ start: '100px', end: '190px' });
  });
  test('the margin of a grid whose columns make up the container', () => {
    const held: Partial<Columns> = { container: 'auto', margin: 'auto', column: '74px', gutter: '24px' };
    expect(followed(held, 'column')).toMatchObject({ column: 'auto', container: '1152px' });
  });
});

test('the grid stays as it is at this viewport, whichever quantity is let follow, and again', () => {
  const quantity = fc.constantFrom(...FOLLOWING_QUANTITIES);
  const held = fc.record({
    count: fc.integer({ min: 2, max: 16 }),
    gutter: fc.integer({ min: 1, max: 40 }).map((px) => `${px}px`),
    outer: fc.constantFrom('none' as const, 'half' as const),
  });
  fc.assert(
    fc.property(
      held,
      fc.integer({ min: 0, max: 200 }),
      fc.array(quantity, { minLength: 1, maxLength: 6 }),
      (inside, margin, choices) => {
        const first: Columns = practiceColumns({ ...inside, margin: `${margin}px` });
        const before = texts(solvedColumns(1440, first));
        let columns = first;
        for (const choice of choices) {
          columns = letFollow(columns, solvedColumns(1440, columns), choice);
          expect(follows(columns, choice)).toBe(true);
          expect(texts(solvedColumns(1440, columns))).toEqual(before);
        }
      },
    ),
    { numRuns: 400 },
  );
});
