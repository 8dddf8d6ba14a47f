'use client';

import { Plus } from 'lucide-react';
import { useEffect, useState } from 'react';
import { mapped } from '../../core/parsed';
import { breakpointAt, byWidth, shownWidth } from '../../core/spec/ranges';
import type { Font, TextStyle } from '../../core/spec/schema';
import { addStyle } from '../../core/type/write-style';
import { useDraft, useView } from '../draft/draft-context';
import { Choice } from '../parts/choice';
import { ViewFrame } from '../frame/view-frame';
import { RhythmDrawing } from './rhythm-drawing';
import { SettingTable } from './setting-table';
import { StyleFields } from './style-fields';
import { StyleList } from './style-list';
import { Suggestions } from './suggestions';
import styles from './type.module.scss';
import { Button } from '../parts/button';

type Props = { team: string; teamFonts: Font[] };

const PLACED = [
  { value: 'grid', title: 'On the grid' },
  { value: 'falls', title: 'Natural position' },
] as const;

/** Text styles against the baselines, with real fonts and real measures. */
export function TypeRhythm({ team, teamFonts }: Props) {
  const document = useDraft((draft) => draft.document);
  const write = useDraft((draft) => draft.take);
  const viewport = useView((view) => view.viewport);
  const show = useView((view) => view.show);
  const [name, setName] = useState('');
  const [placed, setPlaced] = useState<'grid' | 'falls'>('grid');
  const [brought, setBrought] = useState(teamFonts);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => setName(window.location.hash.slice(1)), []);

  const style = document.type.find((each) => each.name === name) ?? document.type[0] ?? null;
  const breakpoint = breakpointAt(document, viewport);
  const add = (role: TextStyle['role']): void => {
    const added = addStyle(document, role);
    const refused = write(mapped(added, ({ spec }) => spec));
    setProblem(refused);
    if (added.value && !refused) setName(added.value.name);
  };

  return (
    <ViewFrame
      view="type"
      head={
        <>
          <Choice
            label="Breakpoint"
            options={byWidth(document.breakpoints).map(({ id, name: title }) => ({ value: id, title }))}
            value={breakpoint.id}
            onChange={(id) =>
              show(
                shownWidth(
                  document,
                  document.breakpoints.find((each) => each.id === id)!,
                ),
              )
            }
          />
          {style && <Choice label="Text position" options={PLACED} value={placed} onChange={setPlaced} />}
          <span className={styles.add} data-edits>
            {(['body', 'heading', 'label'] as const).map((role) => (
              <Button key={role} onClick={() => add(role)}>
                <Plus size={13} aria-hidden />{' '}
                {role === 'body' ? 'Body text' : role === 'heading' ? 'Heading' : 'Label'}
              </Button>
            ))}
          </span>
          {problem && (
            <span className="problem" role="alert">
              {problem}
            </span>
          )}
        </>
      }
    >
      {style === null ? (
        <Nothing onAdd={() => add('body')} />
      ) : (
        <div className={styles.body}>
          <aside className={styles.aside}>
            <StyleList team={team} chosen={style.name} onChoose={setName} />
            <StyleFields
              key={style.name}
              team={team}
              style={style}
              fonts={brought}
              onBrought={(font) => setBrought((before) => [...before.filter(({ file }) => file !== font.file), font])}
              onRemoved={(file) => setBrought((before) => before.filter((font) => font.file !== file))}
              onRenamed={setName}
              write={write}
            />
          </aside>
          <div className={styles.main}>
            <RhythmDrawing
              team={team}
              spec={document}
              style={style}
              breakpoint={breakpoint}
              viewport={viewport}
              isOnGrid={placed === 'grid'}
            />
            <Suggestions style={style} breakpoint={breakpoint} write={write} />
            <SettingTable style={style} breakpoint={breakpoint} />
          </div>
        </div>
      )}
    </ViewFrame>
  );
}

function Nothing({ onAdd }: { onAdd: () => void }) {
  return (
    <div className={styles.nothing}>
      <h2>Put type on the baseline</h2>
      <p>
        A text style is a font with a size and a leading for each breakpoint. Ypsiline reads the font’s own metrics to
        show where its baselines fall, how far to move text onto the grid, and how many characters fit a line.
      </p>
      <Button look="primary" data-edits onClick={onAdd}>
        Start with body text
      </Button>
    </div>
  );
}
