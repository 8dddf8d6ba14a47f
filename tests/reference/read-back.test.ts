import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { columnsAt } from '../../core/columns/columns-at';
import { editionFiles } from '../../core/formats/registry';
import { readFile } from '../../core/reading/read-file';
import { byWidth } from '../../core/spec/ranges';
import { stepsOf } from '../../core/spacing/scale';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { anySpec } from '../any-spec';
import { randomOf } from '../browser/model/random';
import { mutatedText } from '../mutated-text';

/** What is written is read back as the same, as far as the format carries it. */

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
const specs = [
  ...DEMO_SPECS.flatMap(({ drafts }) => drafts.map(({ document }) => document)),
  ...fc.sample(anySpec, { numRuns: 50, seed: 3 }),
];
const fileOf = (spec: (typeof specs)[number], name: string): string =>
  editionFiles(spec)
    .find((file) => file.name === name)!
    .write(ORIGIN);

/** Files say decimals of four places. */
const near = (a: { valueOf(): number }, b: { valueOf(): number }) => expect(a.valueOf()).toBeCloseTo(b.valueOf(), 2);

describe.each(specs.map((spec, index) => [index, spec] as const))('document %i', (_, spec) => {
  test('spec.json is the document', () => {
    const { value } = readFile('spec.json', fileOf(spec, 'spec.json'));
    expect(value!.document).toEqual(spec);
  });

  test.each(['tokens.json', 'tokens-text.json', 'values.csv'])(
    '%s has its ranges and columns, as they are drawn',
    (name) => {
      const { value, problem } = readFile(name, fileOf(spec, name));
      expect(problem).toBeUndefined();
      const read = byWidth(value!.document.breakpoints);
      const own = byWidth(spec.breakpoints);
      expect(read.map(({ from }) => from)).toEqual(own.map(({ from }) => from));
      read.forEach((breakpoint, index) => {
        const width = own[index]!.reference.width;
        const [a, b] = [columnsAt(value!.document, breakpoint, width), columnsAt(spec, own[index]!)];
        // what has no room, or says one quantity too many, is not a grid that a file of numbers could say
        if (
          b.column.compare(0) <= 0 ||
          b.marginStart.compare(0) < 0 ||
          b.marginEnd.compare(0) < 0 ||
          !b.excess.equals(0)
        )
          return;
        expect(a.count).toBe(b.count);
        for (const part of ['gutter', 'column', 'marginStart', 'marginEnd'] as const) near(a[part], b[part]);
      });
    },
  );

  test('tokens.json has its spacing steps', () => {
    if (spec.spacing.steps.length < 2) return;
    const { value } = readFile('tokens.json', fileOf(spec, 'tokens.json'));
    const lengths = (of: typeof spec) => stepsOf(of).map(({ px }) => px.valueOf());
    expect(lengths(value!.document)).toEqual(lengths(spec));
  });
});

const RUNS = process.env['YPSILINE_LONG'] ? 10_000 : 400;

test.each(['tokens.json', 'values.csv', 'spec.json'])(
  '%s that was cut, swapped, nested and repeated is read, or refused in a sentence',
  (name) => {
    const random = randomOf(name.length);
    const texts = specs.slice(0, 8).map((spec) => fileOf(spec, name));
    let read = 0;
    for (let count = 0; count < RUNS; count++) {
      const text = mutatedText(random.oneOf(texts), random);
      const { value, problem } = readFile(name, text);
      if (value) read++;
      else expect(problem, text.slice(0, 300)).toMatch(/^[^\n]{10,700}[.?]$/u);
    }
    expect(read).toBeGreaterThan(RUNS / 200);
  },
  600_000,
);
