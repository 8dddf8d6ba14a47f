import { Link } from '../parts/link';
import { Scrolled } from '../parts/scrolled';
import { counted } from '../../core/length/present';
import { changesOf, type Difference } from '../../core/diff/difference';
import { gridFirst } from '../../core/diff/grid-first';
import { DifferenceTable } from '../drawing/difference-table';
import type { ComparedStates } from './compared-states';
import { CopyComparison } from './copy-comparison';
import styles from './comparison.module.scss';
import { EffectTable } from './effect-table';
import { OverlaidGrids } from './overlaid-grids';

/**
 * Two states: both grids laid over each other, what was given, what follows from it, and what it comes to.
 *
 * @param address of the spec, on whose page of remarks one is written about a line
 */
export function Comparison({ compared, address }: { compared: ComparedStates; address: string }) {
  const { before, after, differences, effects, step } = compared;
  if (differences.length === 0)
    return (
      <p role="status">
        {before.name} and {after.name} are the same.
      </p>
    );
  const given = changesOf(gridFirst(differences));
  const moved = differences.filter(isMoved);
  const following = differences.filter((each) => each.follows && !isMoved(each));
  return (
    <div className={styles.comparison}>
      <div className={styles.sentence}>
        <p>
          {counted(given.length, 'change')}
          {following.length > 0 && <span className="soft">, {following.length} more calculated</span>}
          {step && (
            <>
              . Version <strong className="number">{step.version}</strong> fits: {step.because}
            </>
          )}
        </p>
        <CopyComparison compared={compared} />
      </div>
      <OverlaidGrids before={before} after={after} />
      <Differences title="Changed" address={address} of={given} before={before.name} after={after.name} />
      {moved.length > 0 && (
        <Differences
          title="Blocks that moved as a result"
          address={address}
          of={moved}
          before={before.name}
          after={after.name}
        />
      )}
      {following.length > 0 && (
        <details className={styles.more}>
          <summary>Calculated from it: {counted(following.length, 'number')}</summary>
          <Differences title="Calculated" address={address} of={following} before={before.name} after={after.name} />
        </details>
      )}
      {effects.length > 0 && (
        <details className={styles.more}>
          <summary>Result: {touched(effects.map(({ table }) => table))}</summary>
          <EffectTable effects={effects} before={before.name} after={after.name} />
        </details>
      )}
    </div>
  );
}

/** A block that follows what was changed, and stands elsewhere by it. */
function isMoved({ at, follows }: Difference): boolean {
  return follows && at[0] === 'layouts';
}

/** How many numbers of each table are others: “24 in Span widths, 3 in Text styles”. */
function touched(tables: readonly string[]): string {
  const counts = new Map<string, number>();
  for (const table of tables) counts.set(table, (counts.get(table) ?? 0) + 1);
  return [...counts].map(([table, count]) => `${count} in ${table}`).join(', ');
}

/** Where a remark on a line is written. */
function remarkOn(address: string, at: readonly string[], about: string): string {
  return `${address}/remarks?${new URLSearchParams({ at: JSON.stringify(at), about: about.slice(0, 300) }).toString()}`;
}

const ASKS = { major: 'breaks built pages', minor: 'new values', patch: 'none' };

type DifferencesProps = { title: string; address: string; of: readonly Difference[]; before: string; after: string };

/** Differences with what each asks of built pages, and the way to a remark on it. */
function Differences({ title, address, of, before, after }: DifferencesProps) {
  const heads = (
    <>
      <th scope="col">Effect on built pages</th>
      <th scope="col">
        <span className="visually-hidden">Comment</span>
      </th>
    </>
  );
  const cells = ({ at, breakpoint, what, before: was, after: is, bump }: Difference) => {
    const name = `${what}${breakpoint ? `, ${breakpoint}` : ''} (${was ?? '–'} → ${is ?? '–'})`;
    return (
      <>
        <td>{ASKS[bump]}</td>
        <td>
          <Link href={remarkOn(address, at, name)}>Comment</Link>
        </td>
      </>
    );
  };
  return (
    <div className={styles.table}>
      <Scrolled label={title}>
        <DifferenceTable differences={of} label={title} {...{ before, after }} more={{ heads, cells }} />
      </Scrolled>
    </div>
  );
}
