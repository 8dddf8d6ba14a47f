'use client';

import { Group, Panel, Separator } from 'react-resizable-panels';
import { useIsSmall } from '../frame/use-is-small';
import { ViewFrame } from '../frame/view-frame';
import styles from './bench.module.scss';
import { Findings } from './findings/findings';
import { Preview } from './preview/preview';
import { Rail } from './rail/rail';
import { Sheet } from './sheet/sheet';

/** The bench, where a spec is written: rail, sheet, preview with its sum line, findings. */
export function Bench({ person }: { person: string }) {
  const isSmall = useIsSmall();
  return (
    <ViewFrame view="bench">
      <Rail />
      {isSmall ? <OneAfterAnother person={person} /> : <Panels person={person} />}
    </ViewFrame>
  );
}

function Panels({ person }: { person: string }) {
  return (
    <div className={styles.panels}>
      <Group orientation="vertical">
        <Panel minSize="40%">
          <Group orientation="horizontal">
            <Panel defaultSize="50%" minSize="30%">
              <Sheet />
            </Panel>
            <Separator className={styles.divider} aria-label="Width of the sheet" />
            <Panel minSize="25%">
              <Preview />
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
      <div className={styles.drawing}>
        <Preview />
      </div>
      <Sheet />
      <Findings person={person} />
    </div>
  );
}
