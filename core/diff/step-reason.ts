import { counted } from '../length/present';
import { type Difference, leastBump } from './differences';
import { gridFirst } from './grid-first';

const ASKS = {
  major: 'built pages break',
  minor: 'values changed or something is new, and every name in built pages still works',
};

/**
 * Why a step of the version is proposed: what asks for it, by name, and what that means for built pages.
 *
 *     reasonOfStep(differences)   // "Columns, Desktop needs a major version: built pages break."
 */
export function reasonOfStep(found: readonly Difference[]): string {
  const bump = leastBump([...found]) ?? 'patch';
  const asking = gridFirst(found).filter((each) => each.bump === bump);
  if (bump === 'patch' || asking.length === 0) return `Only texts, design sizes or waivers changed.`;
  const names = [...new Set(asking.map(({ what, breakpoint }) => (breakpoint ? `${what}, ${breakpoint}` : what)))];
  const others = names.length - 1;
  const who = others > 0 ? `${names[0]} and ${counted(others, 'other')} need` : `${names[0]} needs`;
  return `${who} a ${bump} version: ${ASKS[bump]}.`;
}
