'use client';

import { useEffect } from 'react';
import { Group, Panel, Separator, useGroupRef } from 'react-resizable-panels';
import { GridScope } from '../draft/grid-scope';
import { useDraft } from '../draft/draft-context';
import { useHint } from '../frame/hints';
import { useIsSmall } from '../frame/use-is-small';
import { ViewFrame } from '../frame/view-frame';
import styles from './bench.module.scss';
import { FirstSteps } from './first-steps';
import { Findings } from './findings/findings';
import { Preview } from './preview/preview';
import { Rail } from './rail/rail';
import { Sheet } from './sheet/sheet';
import { widthOfSheet } from './sheet/width-of-sheet';

/** The bench, where a spec is written: rail, sheet, preview with its sum line, findings. */
export function Bench({ person }: { person: string }) {
  const isSmall = useIsSmall();
  const mayEdit = useDraft((draft) => draft.mayEdit);
  const steps = useHint('first-steps');
  return (
    <ViewFrame view="bench" intro={mayEdit && steps.isShown && <FirstSteps />}>
      <Rail />
      {isSmall ? <OneAfterAnother person={person} /> : <Panels person={person} />}
    </ViewFrame>
  );
}

/** So much of the window is left to the preview, in per cent; so wide is what stands between, in px. */
const [LEAST_PREVIEW, BORDER] = [38, 4];

function Panels({ person }: { person: string }) {
  const panels = useGroupRef();
  const across = useDraft(({ document }) => document.breakpoints.length);
  // where half of the window cuts a breakpoint, the sheet begins wider; from then on it is as one drags it
  useEffect(() => {
    const needed = ((widthOfSheet(across) + BORDER) / window.innerWidth) * 100;
    if (needed <= 50) return;
    const sheet = Math.min(100 - LEAST_PREVIEW, needed);
    panels.current?.setLayout({ sheet, preview: 100 - sheet });
  }, []);
  return (
    <div className={styles.panels}>
      <Group orientation="vertical">
        <Panel minSize="40%">
          <Group orientation="horizontal" groupRef={panels}>
            <Panel id="sheet" defaultSize="50%" minSize="30%">
              <GridScope>
                <Sheet />
              </GridScope>
            </Panel>
            <Separator className={styles.divider} aria-label="Width of the sheet" />
            <Panel id="preview" minSize="25%">
              <GridScope>
                <Preview />
              </GridScope>
            </Panel>
          </Group>
        </Panel>
        <Separator className={styles.divider} aria-label="Height of the findings" />
        <Panel defaultSize="21%" minSize="6%">
          <Findings person={person} />
        </Panel>
      </Group>
    </div>
  );
}

/** In a small window the drawing comes first, and the page is scrolled. */
function OneAfterAnother({ person }: { person: string }) {
  return (
    <div className={styles.column}>
      <GridScope>
        <div className={styles.drawing}>
          <Preview />
        </div>
        <Sheet />
      </GridScope>
      <Findings person={person} />
    </div>
  );
}
