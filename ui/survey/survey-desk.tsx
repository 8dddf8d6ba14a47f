'use client';

import dynamic from 'next/dynamic';
import { type ReactNode, useEffect, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import type { FoundGrid } from '../../core/survey/find-grids';
import type { OffEdge } from '../../core/survey/off';
import { Notice } from '../parts/notice';
import { AddScreens } from './add-screens';
import { BoxesDialog } from './boxes-dialog';
import { Followed } from './followed';
import { GridList } from './grid-list';
import type { Held } from './held-against';
import { OffTable } from './off-table';
import { PageDialog } from './page-dialog';
import { ScreenList } from './screen-list';
import { ShownScreen } from './shown-screen';
import { StartHere } from './start-here';
import { useSurvey, useSurveyStore } from './survey-context';
import styles from './survey.module.scss';
import { useBring } from './use-bring';
import type { FoundState } from './use-found';
import { Button } from '../parts/button';

// its chart takes much code, and is not what one looks at first
const DownPage = dynamic(() => import('./down-page').then((file) => file.DownPage), { ssr: false });

const NONE: readonly number[] = [];

type Props = {
  state: FoundState;
  held: readonly Held[];
  onTakeGrid: (grid: FoundGrid) => void;
  onTakeUnit: () => void;
  /** Against which of a spec's grids screens are held. */
  choice?: ReactNode;
  /** What the place adds: surveys that are kept, or the way to a new spec. */
  children?: ReactNode;
};

/** Screens, the shown one on its grid, and what was found. Files are dropped anywhere on it. */
export function SurveyDesk({ state: { found, isLooking }, held, choice, onTakeGrid, onTakeUnit, children }: Props) {
  const store = useSurveyStore();
  const shownId = useSurvey((survey) => survey.shown);
  const bringing = useBring();
  const [chosen, setChosen] = useState<{ screen: string; choice: readonly number[] } | null>(null);
  const { getRootProps, getInputProps, open, isDragActive } = useDropzone({
    onDrop: (accepted, rejected) => bringing.bring([...accepted, ...rejected.map(({ file }) => file)]),
    noClick: true,
    noKeyboard: true,
  });
  usePastedPicture(bringing.bring, (text) => bringing.want({ is: 'boxes', name: '', text }));
  const shown = held.find(({ screen }) => screen.id === shownId) ?? held[0];
  const boxes =
    shown && chosen?.screen === shown.screen.id
      ? chosen.choice.filter((index) => index < shown.screen.boxes.length)
      : NONE;
  const choose = (next: readonly number[]): void => setChosen(shown ? { screen: shown.screen.id, choice: next } : null);
  const point = (edge: OffEdge): void => {
    const screen = store.getState().screens.find(({ id }) => id === store.getState().shown);
    const at = screen?.boxes.findIndex(
      (box) => box.name === edge.box && box.y === edge.top && [box.x, box.x + box.width].includes(edge.at),
    );
    if (screen && at !== undefined && at >= 0) setChosen({ screen: screen.id, choice: [at] });
  };

  return (
    <div {...getRootProps({ className: styles.body! })} data-dragging={isDragActive || undefined}>
      <input {...getInputProps({ 'aria-label': 'Files to survey' })} />
      <aside className={styles.side} aria-label="Screens">
        <AddScreens onChoose={open} onList={() => bringing.want({ is: 'boxes', name: '', text: '' })} />
        <ScreenList held={held} readings={bringing.readings} />
        {children}
      </aside>
      <div className={styles.middle}>
        {bringing.problems.map((problem, place) => (
          <Notice key={place} of="problem">
            {problem}{' '}
            {place === bringing.problems.length - 1 && (
              <Button look="quiet" onClick={bringing.putAway}>
                Close
              </Button>
            )}
          </Notice>
        ))}
        {shown ? (
          <ShownScreen
            held={shown}
            choice={boxes}
            onChoose={choose}
            onDensity={(density) => bringing.readAgain(shown.screen, density)}
          />
        ) : (
          <StartHere onChoose={open} onList={() => bringing.want({ is: 'boxes', name: '', text: '' })} />
        )}
      </div>
      {shown && (
        <aside className={styles.found} aria-label="Result" tabIndex={0}>
          <section aria-label="Grids" className={styles.section}>
            <h2>
              Grids at <span className="number">{Math.round(shown.screen.width)}</span> px
            </h2>
            {choice}
            <GridList {...{ held: shown, found, isLooking }} onTake={onTakeGrid} />
          </section>
          <OffTable held={held} onPoint={point} />
          <DownPage verticals={found?.verticals ?? null} onTake={onTakeUnit} />
          <Followed />
        </aside>
      )}
      {bringing.wanted?.is === 'boxes' && (
        <BoxesDialog name={bringing.wanted.name} text={bringing.wanted.text} onClose={() => bringing.want(null)} />
      )}
      {bringing.wanted?.is === 'page' && (
        <PageDialog name={bringing.wanted.name} html={bringing.wanted.html} onClose={() => bringing.want(null)} />
      )}
    </div>
  );
}

/** A picture, or a list of boxes, that is pasted anywhere but into a field. */
function usePastedPicture(bring: (files: File[]) => void, list: (text: string) => void): void {
  useEffect(() => {
    const onPaste = (event: ClipboardEvent): void => {
      if ((event.target as HTMLElement).closest?.('input, textarea, [role=dialog], [role=grid]')) return;
      const files = [...(event.clipboardData?.files ?? [])];
      const text = event.clipboardData?.getData('text/plain') ?? '';
      if (files.length === 0 && text.trim() === '') return;
      event.preventDefault();
      if (files.length > 0) bring(files);
      else list(text);
    };
    window.addEventListener('paste', onPaste);
    return () => window.removeEventListener('paste', onPaste);
  });
}
