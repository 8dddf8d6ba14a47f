import { type Address, ORDER } from '../edits/edit';
import type { Block, Spec } from '../spec/schema';
import type { Difference } from './difference';

type Listed = { id: string; name: string };

/** A list whose order says something, with what it is called. */
type Ordered = { at: Address; what: string; items: Listed[] };

/** More names than this are not written out. */
const MOST_NAMES = 12;

/**
 * Lists that have the same things in another order: layouts, sections, blocks, steps, text styles. What came and went is told of elsewhere.
 *
 *     orderDifferences(old, new)   // [{ what: "Order of blocks, Opening, Front page", before: "Headline, Harbour", after: "Harbour, Headline", bump: "patch", … }]
 */
export function orderDifferences(before: Spec, after: Spec): Difference[] {
  const was = new Map(orderedIn(before).map((list) => [JSON.stringify(list.at), list]));
  return orderedIn(after).flatMap(({ at, what, items }) => {
    const old = was.get(JSON.stringify(at));
    if (!old) return [];
    const [here, there] = [new Set(items.map(({ id }) => id)), new Set(old.items.map(({ id }) => id))];
    const [stood, stands] = [old.items.filter(({ id }) => here.has(id)), items.filter(({ id }) => there.has(id))];
    if (stood.every(({ id }, index) => id === stands[index]!.id)) return [];
    const difference = { at: [...at, ORDER], breakpoint: null, what, before: names(stood), after: names(stands) };
    return [{ ...difference, follows: false, bump: 'patch' as const }];
  });
}

function names(items: readonly Listed[]): string {
  const list = items.slice(0, MOST_NAMES).map(({ name }) => name);
  return [...list, ...(items.length > MOST_NAMES ? ['…'] : [])].join(', ');
}

function orderedIn({ spacing, type, layouts }: Spec): Ordered[] {
  const named = (items: readonly { name: string }[]): Listed[] => items.map(({ name }) => ({ id: name, name }));
  return [
    { at: ['spacing', 'steps'], what: 'Order of steps', items: named(spacing.steps) },
    { at: ['type'], what: 'Order of text styles', items: named(type) },
    { at: ['layouts'], what: 'Order of layouts', items: layouts },
    ...layouts.flatMap(({ id, name, sections }): Ordered[] => {
      const at = ['layouts', id, 'sections'];
      return [
        { at, what: `Order of sections, ${name}`, items: sections },
        ...sections.flatMap((section) =>
          blocksIn(section.blocks, [...at, section.id, 'blocks'], `${section.name}, ${name}`),
        ),
      ];
    }),
  ];
}

function blocksIn(blocks: readonly Block[], at: Address, within: string): Ordered[] {
  return [
    { at, what: `Order of blocks, ${within}`, items: [...blocks] },
    ...blocks.flatMap(({ id, name, holds }) =>
      'card' in holds ? blocksIn(holds.card.blocks, [...at, id, 'holds', 'card', 'blocks'], `${name}, ${within}`) : [],
    ),
  ];
}
