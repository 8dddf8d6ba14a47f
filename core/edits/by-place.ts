import type { Address, Edit } from './edit';

type Node = { here: Edit[]; below: Map<string, Node> };

/** Edits by where they stand: what is at or around an address, and what is at or within it. */
export type ByPlace = {
  around: (at: Address) => Edit[];
  within: (at: Address) => Edit[];
  touching: (at: Address) => Edit[];
};

/**
 * Finds among many edits those that have to do with an address, without looking at each.
 *
 *     byPlace(edits).touching(['breakpoints', 'phone'])   // edits of the phone, of what is in it, of all breakpoints as a whole
 */
export function byPlace(edits: readonly Edit[]): ByPlace {
  const root = emptyNode();
  for (const edit of edits) {
    let node = root;
    for (const key of edit.at) {
      const next = node.below.get(key) ?? emptyNode();
      node.below.set(key, next);
      node = next;
    }
    node.here.push(edit);
  }
  const along = (at: Address): [Edit[], Node | undefined] => {
    const passed: Edit[] = [];
    let node: Node | undefined = root;
    for (const key of at) {
      passed.push(...node.here);
      node = node.below.get(key);
      if (!node) break;
    }
    return [passed, node];
  };
  return {
    around: (at) => {
      const [passed, node] = along(at);
      return [...passed, ...(node?.here ?? [])];
    },
    within: (at) => [...allOf(along(at)[1])],
    touching: (at) => {
      const [passed, node] = along(at);
      return [...passed, ...allOf(node)];
    },
  };
}

const emptyNode = (): Node => ({ here: [], below: new Map() });

function* allOf(node: Node | undefined): Generator<Edit> {
  if (!node) return;
  yield* node.here;
  for (const next of node.below.values()) yield* allOf(next);
}
