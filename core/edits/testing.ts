import fc from 'fast-check';

/** Documents by their shape alone, with few ids, so that two of them share much and differ much: for properties of edits. */

const word = fc.constantFrom('a', 'b', 'c', '#d', 'e~2');
const leaf = fc.oneof(fc.integer({ min: 0, max: 3 }), fc.constantFrom('8px', '16px', null, true));
const atom = fc.oneof({ weight: 4, arbitrary: leaf }, fc.array(leaf, { maxLength: 2 }), fc.record({ typed: leaf }));
const plain = fc.dictionary(word, atom, { maxKeys: 3 });
const listOf = (key: string, each: fc.Arbitrary<object>) =>
  fc.array(
    fc.tuple(word, each).map(([id, others]) => ({ ...others, [key]: id })),
    { maxLength: 4 },
  );

const rows = fc.oneof(
  fc.constant(null),
  fc.record({ rule: fc.constantFrom('repeat', 'divide'), height: atom, gap: atom }, { requiredKeys: ['rule'] }),
);
const block = fc.record({
  holds: fc.oneof(
    fc.record({ text: word, words: leaf }),
    fc.record({ picture: leaf }),
    fc.record({
      card: fc.record({ blocks: listOf('id', fc.record({ at: fc.dictionary(word, plain, { maxKeys: 1 }) })) }),
    }),
  ),
  at: fc.dictionary(word, plain, { maxKeys: 2 }),
});
const section = fc.record({ space: fc.dictionary(word, plain, { maxKeys: 2 }), blocks: listOf('id', block) });

/** A document of which every part may be there or not. */
export const anyDocument: fc.Arbitrary<object> = fc.record(
  {
    name: leaf,
    spacing: fc.record({ base: atom, steps: listOf('name', plain) }),
    breakpoints: listOf('id', fc.record({ columns: plain, rows, baseline: fc.oneof(fc.constant(null), plain) })),
    type: listOf('name', fc.record({ at: fc.dictionary(word, plain, { maxKeys: 2 }) })),
    layouts: fc.oneof(listOf('id', fc.record({ sections: listOf('id', section) })), fc.array(plain, { maxLength: 2 })),
    waivers: fc.array(
      fc.record({ rule: word, breakpoint: fc.oneof(word, fc.constant(null)), values: plain, reason: leaf }),
      { maxLength: 3 },
    ),
    overlays: plain,
    rules: fc.dictionary(word, fc.record({ on: leaf, thresholds: plain }, { requiredKeys: [] }), { maxKeys: 2 }),
  },
  { requiredKeys: ['name'] },
);
