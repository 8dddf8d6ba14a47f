import { expect, test } from 'vitest';
import { packScreens } from './pack-screens';

const room = { gap: 10, label: 30 };

test('one screen fills the box on the side that is tighter', () => {
  expect(packScreens([{ width: 1000, height: 500 }], { width: 500, height: 900 }, room)).toBeCloseTo(0.5, 5);
  expect(packScreens([{ width: 500, height: 1000 }], { width: 900, height: 530 }, room)).toBeCloseTo(0.5, 5);
});

test('two wide screens stand above each other in a square box', () => {
  const wide = { width: 1000, height: 400 };
  expect(packScreens([wide, wide], { width: 500, height: 500 }, room)).toBeCloseTo(0.5, 5);
});

test('no screen is drawn larger than it is', () => {
  expect(packScreens([{ width: 100, height: 100 }], { width: 900, height: 900 }, room)).toBeCloseTo(1, 5);
});
