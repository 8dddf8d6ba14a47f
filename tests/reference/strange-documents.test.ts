import { expect, test } from 'vitest';
import { readSpec } from '../../core/document/read';
import { randomOf } from '../browser/model/random';
import { mutated } from '../mutated';

test('whatever stands in a document, it is read or refused in a sentence', () => {
  const random = randomOf(2_000);
  let read = 0;
  for (let count = 0; count < 2_000; count++) {
    const document = mutated(random);
    const { value, problem } = readSpec(document);
    if (value) read++;
    else expect(problem, JSON.stringify(document).slice(0, 400)).toMatch(/^[^\n]{10,600}[.?]$/u);
  }
  expect(read).toBeGreaterThan(100);
});
