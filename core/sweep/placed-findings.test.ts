import { expect, test } from 'vitest';
import type { JudgedFinding } from '../checks/run';
import { practiceSpec } from '../spec/testing';
import { findingsByWidth, inLanes } from './placed-findings';

test('findings that speak of one width stand together, the heaviest first', () => {
  const finding = (weight: string, at: number) => ({ weight, widths: [at] }) as unknown as JudgedFinding;
  const found = [finding('note', 1440), finding('must-fix', 1440), finding('weigh', 600)];
  expect(
    findingsByWidth(practiceSpec('Practice'), found).map(({ width, findings }) => [
      width,
      findings.map(({ weight }) => weight),
    ]),
  ).toEqual([
    [600, ['weigh']],
    [1440, ['must-fix', 'note']],
  ]);
});

test('marks that would cover one another lie in lanes', () => {
  const lanes = inLanes([{ width: 600 }, { width: 640 }, { width: 700 }, { width: 1440 }], 100);
  expect(lanes.map(({ lane }) => lane)).toEqual([0, 1, 0, 0]);
});
