import { practiceSpec } from '../core/spec/testing';
import { type Random } from './browser/model/random';
import { DEMO_SPECS } from '../scripts/demo/specs';

/** Values that have broken readers before, and ordinary ones of another kind. */
const STRANGE: unknown[] = [
  null,
  true,
  -1,
  0,
  1,
  0.5,
  1e-8,
  6e-8,
  1e9,
  1e21,
  2 ** 53,
  '',
  ' ',
  '0',
  '=',
  'auto',
  'fill',
  'constructor',
  '__proto__',
  'toString',
  '1e-7px',
  '0.0001px',
  '99999px',
  '100000px',
  '-8px',
  '1/3px',
  '12',
  '0.5rem',
  '3vw',
  '100%',
  '1/4 column',
  '\u0000',
  '\ud800',
  '‮rtl',
  '<script>alert(1)</script>',
  '*/ body{}',
  '=1+1',
  'a'.repeat(5000),
  '9'.repeat(400) + 'px',
  [],
  {},
  [[]],
  { is: '8px', typed: '4*2' },
  { between: ['8px', '9px'], over: [0, 1] },
  { between: ['8px', '9px'], over: [1, 0] },
  { ofColumn: '1/3' },
  { upTo: '0px' },
  { share: '0.000001%' },
  { times: '20' },
  { rule: 'repeat', height: '2px', gap: '0px', offset: '0px' },
  { rule: 'divide', count: 500, gap: '0px', marginTop: '0px', marginBottom: '0px' },
  { rule: 'modules', lines: 1, between: 0 },
];

/** Values of the kind that is there, at the edges of what is taken. */
const LIKELY: Partial<Record<string, unknown[]>> = {
  number: [0, 1, 2, 3, 12, 16.5, 64, 65, 500, 1000, 9_999, 10_000, 20_000, 100_000],
  string: [
    '0px',
    '1px',
    '2px',
    '7.5px',
    '0.25px',
    '1/3px',
    '99999px',
    '3vw',
    '12.5%',
    '1.5rem',
    '2in',
    'auto',
    'fill',
    '1',
    '1/7',
    'half',
    'no',
  ],
  boolean: [true, false],
};

type Json = unknown[] | Record<string, unknown>;

/** A document of the demo or of tests in which some places hold something else; often, but not always, refused. */
export function mutated(random: Random): unknown {
  const document = structuredClone(
    random.oneOf([
      practiceSpec('Mutated'),
      ...DEMO_SPECS.flatMap(({ drafts }) => drafts.map((draft) => draft.document)),
    ]),
  );
  for (let change = random.whole(1, 3); change > 0; change--) {
    const places: [Json, string][] = [];
    collect(document as unknown as Json, places);
    const [holder, key] = random.oneOf(places);
    const container = holder as Record<string, unknown>;
    if (random.whole(0, 9) === 0) delete container[key];
    else if (random.whole(0, 1) === 0 && LIKELY[typeof container[key]])
      container[key] = random.oneOf(LIKELY[typeof container[key]]!);
    else if (random.whole(0, 3) === 0) container[key] = structuredClone(random.oneOf(places)[0]);
    else container[key] = structuredClone(random.oneOf(STRANGE));
  }
  return document;
}

function collect(value: Json, places: [Json, string][]): void {
  for (const [key, inner] of Object.entries(value)) {
    places.push([value, key]);
    if (inner !== null && typeof inner === 'object') collect(inner as Json, places);
  }
}
