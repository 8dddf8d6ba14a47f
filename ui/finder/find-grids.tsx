'use client';

import { Link } from '../parts/link';
import { usePathname } from 'next/navigation';
import { useEffect, useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import {
  type ConditionFields,
  conditionsFrom,
  conditionsFromAll,
  nowOf,
  readConditions,
  taken,
} from '../../core/finder/read-conditions';
import type { Conditions, Found, Now, Solution } from '../../core/finder/search';
import { numeral } from '../../core/length/present';
import { columnsAt } from '../../core/columns/columns-at';
import { withBreakpoint } from '../../core/breakpoints/breakpoints';
import type { Breakpoint } from '../../core/spec/schema';
import { useDraft } from '../draft/draft-context';
import { Fractions } from '../drawing/numeral';
import { ConditionsForm } from './conditions-form';
import { NearMisses } from './near-misses';
import { Shortlist } from './shortlist';
import { SolutionsTable } from './solutions-table';
import { useSearch } from './use-search';
import { Empty } from '../parts/empty';
import styles from './finder.module.scss';

const MOST_SHORTLISTED = 4;

/** So long after the last key, in ms: a word that is typed in one go is looked for once. */
const TYPING_MS = 60;

/** Conditions in, whole-pixel grids out; one of them into the sheet. */
export function FindGrids({ breakpoint }: { breakpoint: Breakpoint }) {
  const document = useDraft((draft) => draft.document);
  const change = useDraft((draft) => draft.change);
  const form = useForm<ConditionFields>({ defaultValues: conditionsFrom(document, breakpoint) });
  const { state, result, start, cancel } = useSearch();
  const [problem, setProblem] = useState<string | null>(null);
  const [shortlist, setShortlist] = useState<Solution[]>([]);
  const [takenOver, setTakenOver] = useState<{ solution: Solution; columns: string } | null>(null);
  const now = nowOf(document, breakpoint);
  // a block that is not whole asks for the part that it is
  useEffect(() => {
    const part = /^#parts=(\d)$/.exec(window.location.hash)?.[1];
    if (part) form.setValue('parts', [part]);
  }, [form]);

  const look = (shouldFocus: boolean): void => {
    form.clearErrors();
    setProblem(null);
    const read = readConditions(form.getValues());
    if ('value' in read) return start(read.value, now);
    if (read.field) form.setError(read.field, { message: read.problem }, { shouldFocus });
    else setProblem(read.problem);
  };
  // found at once for the conditions at hand, and anew while they are typed
  const lookNow = useRef(look);
  useEffect(() => void (lookNow.current = look));
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const again = (): void => {
      clearTimeout(timer);
      timer = setTimeout(() => lookNow.current(false), TYPING_MS);
    };
    again();
    const { unsubscribe } = form.watch(again);
    return () => {
      clearTimeout(timer);
      unsubscribe();
    };
  }, [form]);
  const take = (solution: Solution, conditions: Conditions): void => {
    const columns = taken(breakpoint.columns, solution, conditions);
    change(withBreakpoint(document, { ...breakpoint, columns }));
    setTakenOver({ solution, columns: JSON.stringify(columns) });
  };
  // what was taken and then undone, or changed, is not in the sheet
  const inSheet = takenOver?.columns === JSON.stringify(breakpoint.columns) ? takenOver.solution : null;
  const toggle = (solution: Solution): void => {
    setShortlist((before) =>
      before.includes(solution)
        ? before.filter((each) => each !== solution)
        : [...before, solution].slice(-MOST_SHORTLISTED),
    );
  };

  return (
    <div className={styles.columns}>
      <ConditionsForm
        form={form}
        problem={problem}
        search={state}
        onSearch={() => look(true)}
        onEvery={() => form.reset(conditionsFromAll(document, breakpoint))}
        onCancel={cancel}
      />
      <section className={styles.results} aria-label="Whole grids">
        <SheetNow breakpoint={breakpoint} isTaken={inSheet !== null} />
        {state.is === 'cancelled' && <Empty>Search cancelled. Narrow the widths or search again.</Empty>}
        {state.is === 'failed' && <Empty>The search failed. Try again; if it fails again, narrow the widths.</Empty>}
        {result && (
          <>
            {shortlist.length > 0 && (
              <Shortlist
                solutions={shortlist}
                outer={result.conditions.outer}
                onTake={(solution) => take(solution, result.conditions)}
                onRemove={toggle}
              />
            )}
            <Results
              found={result.found}
              conditions={result.conditions}
              now={now}
              inSheet={inSheet}
              shortlist={shortlist}
              onToggle={toggle}
              onTake={(solution) => take(solution, result.conditions)}
            />
          </>
        )}
      </section>
    </div>
  );
}

/** What the sheet says, on one line: a grid that was taken into it moves nothing below. */
function SheetNow({ breakpoint, isTaken }: { breakpoint: Breakpoint; isTaken: boolean }) {
  const bench = usePathname().replace(/\/finder$/, '');
  const document = useDraft((draft) => draft.document);
  const { count, column, gutter, container, marginStart } = columnsAt(document, breakpoint);
  return (
    <p className={styles.now} role="status">
      In the sheet{isTaken && ' now'}:{' '}
      <span className="number">
        <Fractions
          text={`${count} × ${numeral(column)}, gutter ${numeral(gutter)}, container ${numeral(container)}, margin ${numeral(marginStart)}`}
        />
      </span>
      {isTaken && (
        <>
          {' '}
          <Link href={bench}>Go to Bench</Link>
        </>
      )}
    </p>
  );
}

type ResultsProps = {
  found: Found;
  conditions: Conditions;
  now: Now;
  inSheet: Solution | null;
  shortlist: Solution[];
  onToggle: (solution: Solution) => void;
  onTake: (solution: Solution) => void;
};

function Results({ found, conditions, now, inSheet, shortlist, onToggle, onTake }: ResultsProps) {
  return (
    <>
      <p className={styles.total} role="status">
        {totalSentence(found)}
      </p>
      {found.solutions.length > 0 && (
        <SolutionsTable
          solutions={found.solutions}
          conditions={conditions}
          now={now}
          inSheet={inSheet}
          shortlist={shortlist}
          onToggle={onToggle}
          onTake={onTake}
        />
      )}
      <NearMisses misses={found.misses} isEmpty={found.solutions.length === 0} onTake={onTake} />
    </>
  );
}

function totalSentence({ total, solutions }: Found): string {
  if (total === 0) return 'No whole grid meets all of these conditions.';
  const shown = solutions.length < total ? `; the first ${solutions.length.toLocaleString('en')} are listed` : '';
  return `${total.toLocaleString('en')} whole ${total === 1 ? 'grid' : 'grids'}${shown}`;
}
