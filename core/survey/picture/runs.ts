/** A rectangle of whole pixels: from `left` and `top` up to, and without, `right` and `foot`. */
export type Rect = { left: number; top: number; right: number; foot: number };

/** Pixels that hang together: what lies around them, and how many they are. */
export type Blob = Rect & { area: number };

/** Sets that grow together, by the index of their members. */
export class Sets {
  private parents: Int32Array;
  private count = 0;

  constructor(room = 1024) {
    this.parents = new Int32Array(room);
  }

  add(): number {
    if (this.count === this.parents.length) {
      const wider = new Int32Array(this.count * 2);
      wider.set(this.parents);
      this.parents = wider;
    }
    this.parents[this.count] = this.count;
    return this.count++;
  }

  get size(): number {
    return this.count;
  }

  of(member: number): number {
    const parents = this.parents;
    let root = member;
    while (parents[root] !== root) root = parents[root]!;
    for (let at = member; at !== root;) {
      const next = parents[at]!;
      parents[at] = root;
      at = next;
    }
    return root;
  }

  /** Makes two sets one, and answers with its root. */
  join(one: number, other: number): number {
    const [a, b] = [this.of(one), this.of(other)];
    const root = Math.min(a, b);
    if (a !== b) this.parents[Math.max(a, b)] = root;
    return root;
  }
}

/**
 * The blobs of the pixels of a rectangle that are `inside`; pixels that touch at a corner hang together. Runs of a row are joined
 * with those of the row before.
 */
export function blobsOf({ left, top, right, foot }: Rect, inside: (x: number, y: number) => boolean): Blob[] {
  const sets = new Sets();
  const blobs: Blob[] = [];
  // runs of a row as from, to, set, one after the other
  let before: number[] = [];
  for (let y = top; y < foot; y++) {
    const now: number[] = [];
    let first = 0;
    for (let x = left; x < right; x++) {
      if (!inside(x, y)) continue;
      const from = x++;
      while (x < right && inside(x, y)) x++;
      while (first < before.length && before[first + 1]! < from) first += 3;
      let set = -1;
      for (let each = first; each < before.length && before[each]! <= x; each += 3)
        set = set < 0 ? sets.of(before[each + 2]!) : joined(sets, blobs, set, before[each + 2]!);
      const run = { left: from, top: y, right: x, foot: y + 1, area: x - from };
      if (set < 0) {
        set = sets.add();
        blobs.push(run);
      } else widen(blobs[set]!, run);
      now.push(from, x, set);
    }
    before = now;
  }
  return blobs.filter((_, set) => sets.of(set) === set);
}

function joined(sets: Sets, blobs: readonly Blob[], one: number, other: number): number {
  const [a, b] = [sets.of(one), sets.of(other)];
  if (a === b) return a;
  const root = sets.join(a, b);
  widen(blobs[root]!, blobs[root === a ? b : a]!);
  return root;
}

function widen(blob: Blob, rect: Blob): void {
  if (rect.left < blob.left) blob.left = rect.left;
  if (rect.top < blob.top) blob.top = rect.top;
  if (rect.right > blob.right) blob.right = rect.right;
  if (rect.foot > blob.foot) blob.foot = rect.foot;
  blob.area += rect.area;
}
