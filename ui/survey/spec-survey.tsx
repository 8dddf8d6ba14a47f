'use client';

import { usePathname } from 'next/navigation';
import { Link } from '../parts/link';
import { useMemo, useState } from 'react';
import { surveyed } from '../../core/survey/correct';
import type { FoundGrid } from '../../core/survey/find-grids';
import { mapped } from '../../core/parsed';
import { takeLayout } from '../../core/survey/take-layout';
import { GridChoice } from '../bench/grids/grid-choice';
import { useDraft, useDraftStore } from '../draft/draft-context';
import { GridScope } from '../draft/grid-scope';
import { ViewFrame } from '../frame/view-frame';
import { Notice } from '../parts/notice';
import { ToolButton } from '../parts/toggle';
import { BeginSpec } from './begin-spec';
import { useHeld } from './held-against';
import { KeptSurveys } from './kept-surveys';
import { MeasuredList } from './measured/measured-list';
import { SurveyDesk } from './survey-desk';
import { SurveyProvider, useSurvey, useSurveyStore } from './survey-context';
import { createSurveyStore } from './survey-store';
import { TakeGridDialog } from './take-grid-dialog';
import { TakeUnitDialog } from './take-unit-dialog';
import styles from './survey.module.scss';
import { useFound } from './use-found';
import { Button } from '../parts/button';

/** The survey beside a spec: found grids go into its sheet, screens into its layouts, and surveys are kept with it. */
export function SpecSurvey() {
  return (
    <GridScope>
      <SurveyOfGrid />
    </GridScope>
  );
}

function SurveyOfGrid() {
  const specId = useDraft((draft) => draft.specId);
  const spec = useDraft((draft) => draft.document);
  const [store] = useState(() => createSurveyStore(specId));
  const gridName = useDraft((draft) => draft.grid?.name);
  const place = useMemo(() => ({ store, spec, gridName }), [store, spec, gridName]);
  return (
    <SurveyProvider value={place}>
      <ViewFrame view="survey">
        <Inside />
      </ViewFrame>
    </SurveyProvider>
  );
}

type News = { says: string; to?: 'bench' | 'layouts' };

function Inside() {
  const draft = useDraftStore();
  const store = useSurveyStore();
  const specId = useDraft((state) => state.specId);
  const shown = useSurvey((survey) => survey.screens.find(({ id }) => id === survey.shown) ?? survey.screens[0]);
  const path = usePathname();
  const bench = path.replace(/\/survey$/, '');
  const state = useFound();
  const held = useHeld(state.found);
  const [news, setNews] = useState<News | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [grid, setGrid] = useState<FoundGrid | null>(null);
  const [isTakingUnit, setTakingUnit] = useState(false);
  const { found } = state;

  const layOut = (): void => {
    if (!shown) return;
    const laid = takeLayout(draft.getState().whole, surveyed(shown));
    const refused = draft.getState().takeWhole(mapped(laid, ({ spec: changed }) => changed));
    setProblem(refused);
    const rest = laid.value && laid.value.left > 0 ? ` ${laid.value.left} blocks didn’t fit into the layout.` : '';
    if (refused === null)
      setNews({ says: `${shown.name} is now a trial layout.${rest} Ctrl+Z undoes it.`, to: 'layouts' });
  };
  return (
    <>
      {problem && <Notice of="problem">{problem}</Notice>}
      {news && (
        <Notice of="news">
          {news.says}{' '}
          {news.to && (
            <>
              <Link href={news.to === 'bench' ? bench : `${bench}/layouts`}>
                {news.to === 'bench' ? 'Go to Bench' : 'Go to Layouts'}
              </Link>{' '}
            </>
          )}
          <Button look="quiet" onClick={() => setNews(null)}>
            Close
          </Button>
        </Notice>
      )}
      <SurveyDesk
        state={state}
        held={held}
        choice={<GridChoice />}
        onTakeGrid={setGrid}
        onTakeUnit={() => setTakingUnit(true)}
      >
        {shown && (
          <p className={styles.acts} data-edits>
            <ToolButton onClick={layOut} title="Put its boxes on your grid, each on the nearest columns">
              Make a trial layout
            </ToolButton>
          </p>
        )}
        {shown && <BeginSpec team={path.split('/')[1]!} state={state} />}
        <KeptSurveys {...{ specId, held }} say={(says) => setNews({ says })} />
        <MeasuredList specId={specId} say={(says) => setNews({ says })} />
      </SurveyDesk>
      {grid && (
        <TakeGridDialog
          grid={grid}
          together={found?.together ?? null}
          onTaken={(says) => {
            setGrid(null);
            setNews({ says, to: 'bench' });
            store.getState().choose(grid.width, 'spec');
          }}
          onClose={() => setGrid(null)}
        />
      )}
      {isTakingUnit && found && shown && (
        <TakeUnitDialog
          verticals={found.verticals}
          width={shown.width}
          onTaken={(says) => {
            setTakingUnit(false);
            setNews({ says, to: 'bench' });
          }}
          onClose={() => setTakingUnit(false)}
        />
      )}
    </>
  );
}
