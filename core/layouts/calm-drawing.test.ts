import { expect, test } from 'vitest';
import { calmDrawing } from './calm-drawing';

test('follows from the name alone', () => {
  expect(calmDrawing('Harbour')).toBe(calmDrawing('Harbour'));
  const names = ['Harbour', 'Skerry', 'Farholm', 'The Ness', 'Landing', 'Quay'];
  expect(new Set(names.map(calmDrawing)).size).toBe(names.length);
});

test('is one small SVG that fetches nothing, whatever the name', () => {
  for (const name of ['', '<script>', '海', '"><image href="https://x">', 'a'.repeat(120)]) {
    const svg = calmDrawing(name);
    expect(svg).toMatch(
      /^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg" [^<>]*>(<(rect|circle|path) [^<>]*\/>)+<\/svg>$/,
    );
    expect(svg).not.toMatch(/NaN|undefined|href|url/);
    expect(svg.length).toBeLessThan(700);
  }
});
