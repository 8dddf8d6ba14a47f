import { expect, test } from 'vitest';
import { judge } from '../../core/checks/run';
import { sentenceOf } from '../../core/checks/sentence';
import { readSpec } from '../../core/document/read';
import { layoutCss } from '../../core/formats/layout/layout-css';
import { randomOf } from '../browser/model/random';
import { mutated } from '../mutated';

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

test('whatever stands in a document, it is read, checked and written, or refused in a sentence', () => {
  const random = randomOf(2_000);
  let read = 0;
  for (let count = 0; count < (process.env['YPSILINE_LONG'] ? 2_000 : 300); count++) {
    const document = mutated(random);
    const { value, problem } = readSpec(document);
    if (value) {
      read++;
      expect(
        judge(value)
          .map(sentenceOf)
          .every((sentence) => /[.?]$/u.test(sentence)),
      ).toBe(true);
      expect(layoutCss(value, ORIGIN)).toMatch(/@media|@container/);
    } else expect(problem, JSON.stringify(document).slice(0, 400)).toMatch(/^[^\n]{10,600}[.?]$/u);
  }
  expect(read).toBeGreaterThan(20);
});
