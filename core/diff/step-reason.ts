import { counted } from '../length/present';
import { type Difference, leastBump } from './differences';
import { gridFirst } from './grid-first';

const ASKS = {
  major: 'built pages no longer mean what they did',
  minor: 'numbers changed or something is new, and every name in built pages still means what it did',
};

/**
 * Why a step of the version is proposed: what asks for it, by name, and what that means for built pages.
 *
 *     reasonOfStep(differences)   // "Columns, Desktop asks for a major step: built pages no longer mean what they did."
 */
export function reasonOfStep(found: readonly Difference[]): string {
  const bump = leastBump([...found]) ?? 'patch';
  const asking = gridFirst(found).filter((each) => each.bump === bump);
  if (bump === 'patch' || asking.length === 0) return `Only words, reference sizes or waivers changed.`;
  const names = [...new Set(asking.map(({ what, breakpoint }) => (breakpoint ? `${what}, ${breakpoint}` : what)))];
  const others = names.length - 1;
  const who = others > 0 ? `${names[0]} and ${counted(others, 'other')} ask` : `${names[0]} asks`;
  return `${who} for a ${bump} step: ${ASKS[bump]}.`;
}
