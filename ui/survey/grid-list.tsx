import { counted } from '../../core/length/present';
import { columnEdges, columnsAt } from '../../core/columns/columns-at';
import { breakpointAt } from '../../core/spec/ranges';
import { exactGrid, foundSum } from '../../core/survey/exact-grid';
import type { FoundGrid } from '../../core/survey/find-grids';
import { alsoFitsText, surenessText, whyBefore } from '../../core/survey/why';
import { GridStrip } from '../drawing/grid-strip';
import { Fractions } from '../drawing/numeral';
import { Empty } from '../parts/empty';
import { type Held, isSameGrid } from './held-against';
import { useSurveyGrid, useSurveySpec, useSurveyStore } from './survey-context';
import styles from './survey.module.scss';
import { TogetherLine } from './together-line';
import type { Found } from './survey.worker';
import { Check } from '../parts/check';
import { Button } from '../parts/button';

type Props = { held: Held; found: Found | null; isLooking: boolean; onTake: (grid: FoundGrid) => void };

const STRIP = 380;

/** The grids that the shown screen may have been drawn on, the best first; the chosen one lies over it. */
export function GridList({ held: { screen, by, off }, found, isLooking, onTake }: Props) {
  const store = useSurveyStore();
  const spec = useSurveySpec();
  const grids = found?.grids.find(([width]) => width === screen.width)?.[1] ?? [];
  const scale = STRIP / screen.width;
  const choose = store.getState().choose;
  return (
    <>
      {found && <TogetherLine found={found} />}
      {found && grids.length === 0 && (
        <Empty>
          No grid explains these boxes better than chance. Remove wrong boxes, exclude photographs or add a second
          screen of the same width.
        </Empty>
      )}
      {!found && isLooking && <Empty role="status">Looking for grids…</Empty>}
      <ol className={styles.grids} aria-label="Matching grids" aria-busy={isLooking}>
        {spec && <SpecGrid {...{ screen, by, off, scale }} onChoose={() => choose(screen.width, 'spec')} />}
        {grids.map((grid, index) => {
          const isOn = isSameGrid(by, grid);
          const { marginStart, marginEnd, gutter, column } = exactGrid(grid);
          return (
            <li key={index} data-chosen={isOn || undefined}>
              <label>
                <Check
                  type="radio"
                  name={`grid-${screen.width}`}
                  checked={isOn}
                  onChange={() => choose(screen.width, plainGrid(grid))}
                />
                <strong>
                  {counted(grid.count, 'column')}, gutter <Fractions text={String(gutter.valueOf())} />
                </strong>
                <span className="number">{Math.round(grid.explained * 100)} %</span>
              </label>
              <GridStrip
                grid={{
                  width: screen.width,
                  margin: marginStart.valueOf(),
                  marginEnd: marginEnd.valueOf(),
                  count: grid.count,
                  column: column.valueOf(),
                  gutter: gutter.valueOf(),
                  inset: 0,
                }}
                scale={scale}
              />
              <p className="number">
                <Fractions text={foundSum(grid)} />
              </p>
              {isOn && (
                <>
                  <p>
                    {off && `${off.on} of ${counted(off.edges, 'edge')} are on it. `}
                    {whyBefore(grid, grids[index + 1])} {index === 0 && surenessText(grid)}
                  </p>
                  {grid.alsoFits.length > 0 && <p className={styles.open}>{alsoFitsText(grid)}</p>}
                  {spec && (
                    <Button data-edits onClick={() => onTake(grid)}>
                      Apply to sheet…
                    </Button>
                  )}
                </>
              )}
            </li>
          );
        })}
      </ol>
    </>
  );
}

type SpecGridProps = Pick<Held, 'screen' | 'by' | 'off'> & { scale: number; onChoose: () => void };

/** The spec’s own grid at the screen’s width, to hold the screen against. */
function SpecGrid({ screen, by, off, scale, onChoose }: SpecGridProps) {
  const spec = useSurveySpec()!;
  const grid = useSurveyGrid();
  const breakpoint = breakpointAt(spec, screen.width);
  const columns = columnsAt(spec, breakpoint, screen.width);
  const edges = columnEdges(columns);
  const [start, end] = [edges[0]?.[0].valueOf() ?? 0, edges.at(-1)?.[1].valueOf() ?? screen.width];
  return (
    <li data-chosen={by === 'spec' || undefined}>
      <label>
        <Check type="radio" name={`grid-${screen.width}`} checked={by === 'spec'} onChange={onChoose} />
        <strong>Your grid: {grid === undefined ? breakpoint.name : `${grid}, ${breakpoint.name}`}</strong>
      </label>
      <GridStrip
        grid={{
          width: screen.width,
          margin: start,
          marginEnd: screen.width - end,
          count: columns.count,
          column: columns.column.valueOf(),
          gutter: columns.gutter.valueOf(),
          inset: 0,
        }}
        scale={scale}
      />
      {by === 'spec' && off && (
        <p>
          {off.on} of {counted(off.edges, 'edge')} are on it.
        </p>
      )}
    </li>
  );
}

function plainGrid({ width, start, end, count, gutter }: FoundGrid) {
  return { width, start, end, count, gutter };
}
