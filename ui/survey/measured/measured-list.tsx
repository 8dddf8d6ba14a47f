'use client';

import dynamic from 'next/dynamic';
import { useCallback, useEffect, useState } from 'react';
import { holdPage, offInAll, screensOfMeasured } from '../../../core/built/measurement';
import { useDraft } from '../../draft/draft-context';
import { Moment } from '../../frame/moment';
import { send } from '../../frame/send';
import { BareButton } from '../../parts/bare-button';
import { Button } from '../../parts/button';
import { Confirm } from '../../parts/confirm';
import { Notice } from '../../parts/notice';
import { ToolButton } from '../../parts/toggle';
import { useSurveyStore } from '../survey-context';
import { NOTHING_SURVEYED } from '../survey-store';
import styles from '../survey.module.scss';
import { asSurveyed } from '../use-bring';
import type { CountedMeasured, ListedMeasured } from './listed-measured';

// its chart takes much code, and is drawn when it is asked for
const OverTimeDialog = dynamic(() => import('./over-time-dialog').then((file) => file.OverTimeDialog), { ssr: false });

type Props = { specId: string; say: (says: string) => void };

const SHOWN = 5;

/** What builds measured of the running site: the newest, how much was off on each, and over time. */
export function MeasuredList({ specId, say }: Props) {
  const store = useSurveyStore();
  const address = `/api/specs/${specId}/measurements` as const;
  const [listed, setListed] = useState<readonly ListedMeasured[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [overTime, setOverTime] = useState<readonly CountedMeasured[] | null>(null);
  const [removing, setRemoving] = useState<ListedMeasured | null>(null);
  const whole = useDraft((draft) => draft.whole);

  const load = useCallback(async (): Promise<void> => {
    const answer = await send('GET', address);
    if (answer.ok) setListed(answer.body.measurements);
    else setProblem(answer.problem);
  }, [address]);
  useEffect(() => void load(), [load]);

  const open = async ({ id, name, version, off: before }: ListedMeasured): Promise<void> => {
    const answer = await send('GET', `${address}/${id}`);
    if (!answer.ok) return setProblem(answer.problem);
    const { pages, tolerance } = answer.body;
    const screens = asSurveyed(screensOfMeasured(pages), 'boxes');
    const chosen = Object.fromEntries(screens.map(({ width }) => [width, 'spec' as const]));
    store.getState().begin({ ...NOTHING_SURVEYED, name, screens, shown: screens[0]?.id ?? null, chosen });
    setProblem(null);
    const now = offInAll(pages.map((page) => holdPage(page, whole, tolerance)));
    say(`${name}: ${before} off against edition ${version}; against the draft as it is now, ${now}.`);
  };
  const drawOverTime = async (): Promise<void> => {
    const answer = await send('GET', `${address}/counts`);
    if (answer.ok) setOverTime(answer.body.measurements);
    setProblem(answer.ok ? null : answer.problem);
  };
  const remove = async ({ id }: ListedMeasured): Promise<void> => {
    const answer = await send('DELETE', `${address}/${id}`);
    setProblem(answer.ok ? null : answer.problem);
    setRemoving(null);
    await load();
  };
  if (listed.length === 0 && !problem) return null;
  return (
    <section className={styles.kept} aria-label="Measured by builds">
      <h2>Measured by builds</h2>
      {problem && <Notice of="problem">{problem}</Notice>}
      <p className={styles.acts}>
        <ToolButton onClick={() => void drawOverTime()}>Off over time…</ToolButton>
      </p>
      <ul>
        {listed.slice(0, SHOWN).map((measured) => (
          <li key={measured.id}>
            {measured.hasPages ? (
              <Button look="quiet" onClick={() => void open(measured)}>
                {measured.name}
              </Button>
            ) : (
              <span>{measured.name}</span>
            )}
            <span className="soft">
              {measured.off} off, edition {measured.version}; <Moment at={measured.measuredAt} />
            </span>
            <BareButton
              className={styles.remove}
              data-edits
              aria-label={`Remove the measurement ${measured.name}`}
              onClick={() => setRemoving(measured)}
            >
              ×
            </BareButton>
          </li>
        ))}
      </ul>
      {overTime && <OverTimeDialog measured={overTime} onClose={() => setOverTime(null)} />}
      {removing && (
        <Confirm
          title={`Remove the measurement ${removing.name}?`}
          yes="Remove"
          onYes={() => void remove(removing)}
          onClose={() => setRemoving(null)}
        >
          It will be removed for the whole team, and from the chart.
        </Confirm>
      )}
    </section>
  );
}
