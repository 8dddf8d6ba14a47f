import type { Px } from '../length/px';
import type { Block, Section, Spec } from '../spec/schema';
import type { Gap } from './edit-layout';
import { kindOf } from '../spec/block-kinds';
import type { Lane, Tall } from './lanes';
import { gapAfter, rowsAfter, type SpaceAt } from './placements';
import type { RowFrame } from './row-frame';
import type { UnitName } from './row-frames';

/** White space between two things, by what they are: `heading to body`, `section to card`. */
export type WhiteSpace = {
  kind: string;
  section: string;
  after: string | null;
  gap: Gap;
  rows: number;
  /** What the rows are: those of the breakpoint, baselines, or base units. */
  unit: UnitName;
  top: Px;
  px: Px;
};

type In = {
  lanes: readonly Lane[];
  space: SpaceAt;
  frame: RowFrame;
  top: Px;
  end: Px;
  section: Pick<Section, 'id' | 'tall'>;
  unit: UnitName;
  on: string;
};

/** Every white space of a section: above its first lane, between lanes, below the last. */
export function whiteSpaces(spec: Spec, tall: readonly Tall[], into: In): WhiteSpace[] {
  const { lanes, space, frame, top, end, on, unit } = into;
  const { id: section, tall: isTall } = into.section;
  const outside = isTall === 'screen' ? 'screen' : 'section';
  if (lanes.length === 0) return [];
  const first = firstBlocks(tall, lanes.length);
  const firstOf = (lane: number): Block | undefined => first[lane];
  const kind = (above: Block | undefined, below: Block | undefined): string =>
    `${above ? whatIs(spec, above) : outside} to ${below ? whatIs(spec, below) : outside}${on}`;
  const footOf = ({ first, rows }: Lane): Px => frame.foot(first + rows - 1);
  const above = {
    kind: kind(
      undefined,
      first.find((block) => block !== undefined),
    ),
    section,
    after: null,
    gap: 'above' as const,
    rows: space.above,
    unit,
  };
  const between = lanes.slice(0, -1).flatMap((lane, index) => {
    if (space.gone.has(index + 1)) return [];
    const gap = gapAfter(space, index);
    return {
      kind: kind(firstOf(index), firstOf(gap + 1)),
      section,
      after: firstOf(index)?.id ?? null,
      gap,
      rows: rowsAfter(space, index),
      unit,
      top: footOf(lane),
      px: frame.head(lanes[gap + 1]!.first).sub(footOf(lane)),
    };
  });
  const last = lanes.length - 1;
  const below = {
    kind: kind(firstOf(last), undefined),
    section,
    after: firstOf(last)?.id ?? null,
    gap: 'below' as const,
    rows: space.below,
    unit,
  };
  return [
    { ...above, top, px: frame.head(lanes[0]!.first).sub(top) },
    ...between,
    { ...below, top: footOf(lanes[last]!), px: end.sub(footOf(lanes[last]!)) },
  ];
}

/** The first block of each lane: that begins in it, else that reaches over it. */
function firstBlocks(tall: readonly Tall[], count: number): (Block | undefined)[] {
  const begins: Block[] = [];
  const reaches: Block[] = [];
  for (const {
    placed: { block, lanes },
  } of tall) {
    begins[lanes[0] - 1] ??= block;
    for (let lane = lanes[0]; lane < lanes[1]; lane++) reaches[lane] ??= block;
  }
  return Array.from({ length: count }, (_, lane) => begins[lane] ?? reaches[lane]);
}

/** What a block is, for the kind of a gap beside it: the role of its text, else its kind. */
function whatIs(spec: Spec, { holds }: Block): string {
  return 'text' in holds ? (spec.type.find(({ name }) => name === holds.text)?.role ?? 'text') : kindOf(holds);
}
