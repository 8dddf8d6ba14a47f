import type { JudgedFinding } from '../../core/checks/run';
import { covers, type Point } from '../../core/layouts/move-block';
import type { PlacedBlock } from '../../core/layouts/place-blocks';
import { counted } from '../../core/length/present';

/** What is asked of the blocks of a page. */

/** `2 of 3 lines`; how many the words take, where the block says how many it has. */
export function linesText(lines: number, { placed: { height } }: PlacedBlock): string {
  const given = typeof height === 'object' && 'lines' in height ? height.lines : null;
  return given === null ? counted(lines, 'line') : `${lines} of ${counted(given, 'line')}`;
}

/** Blocks in the order of the page as it stands: what is held stays where it is in the document that it is dragged over. */
export function inStandingOrder(
  blocks: readonly PlacedBlock[],
  before: readonly PlacedBlock[],
): readonly PlacedBlock[] {
  if (blocks === before) return blocks;
  const places = new Map(before.map(({ id }, place) => [id, place]));
  return blocks.toSorted((a, b) => (places.get(a.id) ?? 0) - (places.get(b.id) ?? 0));
}

/** The block in a card that lies under a place, the last one over all; undefined where there is none. */
export function blockInCard(blocks: readonly PlacedBlock[], card: string, point: Point): PlacedBlock | undefined {
  return blocks.findLast((block) => block.card === card && covers(block, point));
}

/** The section in which a block stands. */
export function sectionOfBlock(blocks: readonly PlacedBlock[], id: string | undefined): string | null {
  return blocks.find((block) => block.id === id)?.section ?? null;
}

/** The blocks of a layout that some finding at a breakpoint is about. */
export function flaggedBlocks(findings: readonly JudgedFinding[], layout: string, breakpoint: string): Set<string> {
  const about = findings
    .filter((finding) => finding.breakpoint === breakpoint)
    .flatMap(({ subject }) => subject)
    .filter(([room, own]) => room === 'layouts' && own === layout);
  return new Set(about.flatMap((at) => (at.includes('blocks') ? [at[at.lastIndexOf('blocks') + 1]!] : [])));
}
