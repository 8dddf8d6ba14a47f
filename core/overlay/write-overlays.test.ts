import { expect, test } from 'vitest';
import { readSpec } from '../document/read';
import { practiceSpec } from '../spec/testing';
import { addCombination, removeCombination, withDrawn, writeMesh } from './write-overlays';

const spec = practiceSpec('Drawn');

test('what is as usual is not written down', () => {
  expect(withDrawn(spec, 'outlines').overlays).toEqual({ drawn: 'outlines' });
  expect(withDrawn(withDrawn(spec, 'outlines'), 'filled')).toEqual(spec);
});

test('a combination takes the first free key, nine at most', () => {
  let now = spec;
  for (let number = 1; number <= 9; number++) now = addCombination(now, `Combination ${number}`, ['rows']).value!;
  expect(now.overlays!.combinations!.map(({ key }) => key).join('')).toBe('123456789');
  expect(readSpec(structuredClone(now)).problem).toBeUndefined();
  expect(addCombination(now, 'Tenth', []).problem).toContain('up to 9 combinations');
  expect(addCombination(now, 'Combination 1', []).problem).toContain('already a combination called Combination 1');
  const without = removeCombination(now, '4');
  expect(addCombination(without, 'Again', ['mesh']).value!.overlays!.combinations!.at(-1)).toEqual({ name: 'Again', key: '4', shows: ['mesh'] }); // prettier-ignore
});

test('the mesh as it is typed', () => {
  expect(writeMesh(spec, { square: '10', strong: '5' }).value!.mesh).toEqual({ square: '10px', strong: 5 });
  expect(writeMesh(spec, { square: '', strong: '' }).value).toEqual(spec);
  expect(writeMesh(spec, { square: '5vw', strong: '' }).problem).toContain('5vw changes with the screen');
  expect(writeMesh(spec, { square: '', strong: '1' }).problem).toContain('every 2 to 100 squares');
});
