import { expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { practiceSpec } from '../spec/testing';
import { addGrid, nameGrid, removeGrid } from './write-grids';

const spec = practiceSpec('Beside');

test('a grid has an id of its own, which no class of grid.css has', () => {
  const { spec: one, id } = addGrid(spec, ' Article ').value!;
  expect([id, one.grids]).toEqual(['article', [{ id: 'article', name: 'Article', at: {} }]]);
  expect(addGrid(one, 'Article').problem).toBe('There’s already a grid called Article. Choose another name.');
  for (const [name, wanted] of [
    ['article', 'article-2'],
    ['Overlay', 'overlay-2'],
    ['Frame', 'frame-2'],
    ['16 across', 'grid-16-across'],
  ]) {
    const added = addGrid(one, name!).value!;
    expect(added.id).toBe(wanted);
    expect(readSpec(structuredClone(added.spec)).problem).toBeUndefined();
  }
});

test('twelve, and no more', () => {
  let now = spec;
  for (let number = 1; number <= 12; number++) now = addGrid(now, `Grid ${number}`).value!.spec;
  expect(addGrid(now, 'One more').problem).toContain('up to 12 grids beside the main one');
});

test('a name is changed, the id stays; removed, its waivers go too', () => {
  const { spec: one } = addGrid(spec, 'Article').value!;
  expect(nameGrid(one, 'article', 'Story').value!.grids).toEqual([{ id: 'article', name: 'Story', at: {} }]);
  expect(nameGrid(one, 'article', ' ').problem).toBe('Enter a name, such as Article.');
  const waiver = { rule: 'column-whole', breakpoint: 'phone', values: {}, reason: 'Meant.', by: 'Ansa' };
  const waived = { ...one, waivers: [{ ...waiver, grid: 'article' }, waiver] };
  expect(removeGrid(waived, 'article')).toEqual({ ...spec, waivers: [waiver] });
});
