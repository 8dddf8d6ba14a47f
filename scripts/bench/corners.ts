import { judge } from '../../core/checks/run';
import { sentenceOf } from '../../core/checks/sentence';
import { publishedDifferences } from '../../core/diff/published-differences';
import { editionFiles } from '../../core/formats/registry';
import { solveLayout } from '../../core/layouts/solve-layout';
import type { Spec } from '../../core/spec/schema';
import { cornerSpec } from '../../tests/corners';
import { randomOf } from '../../tests/browser/model/random';

/** Every check and file of documents from the schema's corners: the slowest of each, which has 500 ms. `npm run bench -- corners` */

const WITHIN_MS = 500;

/** What is done with a document, by name. */
function works(spec: Spec): [name: string, work: () => unknown][] {
  const origin = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };
  const files = editionFiles(spec).map(({ name, write }): [string, () => unknown] => [
    name.replace(/b-\d+/, '*'),
    () => write(origin),
  ]);
  return [
    ['checks', () => judge(spec).map(sentenceOf)],
    [
      'layouts',
      () =>
        spec.layouts.map((layout) => spec.breakpoints.map((each) => solveLayout(spec, layout, each.reference.width))),
    ],
    ['comparison', () => publishedDifferences(spec, { ...spec, name: 'Another', rootFontSize: 17 })],
    ...files,
  ];
}

const count = Number(process.argv[2] ?? 2_000);
const random = randomOf(Number(process.argv[3] ?? 22));
const slowest = new Map<string, { ms: number; document: number }>();
let [late, failed] = [0, 0];
for (let document = 0; document < count; document++) {
  const spec = cornerSpec(random);
  for (const [name, work] of works(spec)) {
    const began = performance.now();
    try {
      work();
    } catch (error) {
      failed++;
      console.log(`document ${document}, ${name}: ${String(error)}`);
    }
    const ms = performance.now() - began;
    if (ms > WITHIN_MS) {
      late++;
      console.log(`document ${document}, ${name}: ${ms.toFixed(0)} ms`);
    }
    if (ms > (slowest.get(name)?.ms ?? 0)) slowest.set(name, { ms, document });
  }
}
console.log(`${count} documents, ${failed} failures, ${late} over ${WITHIN_MS} ms; the slowest of each, in ms:`);
for (const [name, { ms, document }] of [...slowest].sort(([, a], [, b]) => b.ms - a.ms))
  console.log(`  ${name.padEnd(24)} ${ms.toFixed(0).padStart(6)}   (document ${document})`);
