'use client';

import dynamic from 'next/dynamic';
import { type FormEvent, useMemo, useState } from 'react';
import { STARTING_SETS } from '../../core/document/defaults';
import { specOfScreens, type TypedScreens } from '../../core/sheet/from-screens';
import { LIMITS } from '../../core/limits';
import type { Spec } from '../../core/spec/schema';
import { SpecStrip } from '../drawing/spec-strip';
import { useAwake } from '../frame/use-awake';
import { Button } from '../parts/button';
import { Check } from '../parts/check';
import { Choices } from '../parts/choices';
import { Field } from '../parts/field';
import { Link } from '../parts/link';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { BegunSpec } from './begun-spec';
import { ScreenFields } from './screen-fields';
import { useBeginSpec } from './use-begin-spec';
import styles from './new-spec.module.scss';

const NewFromFileDialog = dynamic(
  () => import('../reading-in/new-from-file-dialog').then((file) => file.NewFromFileDialog),
  { ssr: false },
);

/** A set that the team made of an edition of its own. */
export type TeamSet = { id: string; name: string; says: string; document: Spec };

type Props = {
  team: string;
  sets: readonly TeamSet[];
  /** Whoever looks is alone in the team, and may invite others. */
  invites: boolean;
};

/** What stands in the fields before somebody types: three usual screens. */
const USUAL: TypedScreens = {
  screens: '412×915, 820×1180, 1440×900',
  base: '8',
  counts: '4, 8, 12',
  gutters: '16, 20, 24',
  margins: '20, 20, 72',
  containers: '',
};

const SCREENS = 'screens';

/** Begins a specification: its name, what it starts with, and beside that what comes of it. */
export function NewSpecPage({ team, sets, invites }: Props) {
  const { isBusy, begin } = useBeginSpec(team);
  const isAwake = useAwake();
  const [name, setName] = useState('');
  const [start, setStart] = useState<string>(sets[0] ? `set ${sets[0].id}` : STARTING_SETS[0]!.id);
  const [typed, setTyped] = useState(USUAL);
  const [problem, setProblem] = useState<string | null>(null);
  const [isFromFile, setFromFile] = useState(false);
  const starts = useMemo(() => startsOf(sets), [sets]);
  const own = useMemo(() => specOfScreens('New specification', typed), [typed]);
  const shown = start === SCREENS ? own.value : starts.find(({ id }) => id === start)?.document;

  const create = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const called = name.trim();
    if (called === '') return setProblem('Enter a name, such as Passenger site.');
    if (start === SCREENS && !own.value) return;
    setProblem(await begin(wantedOf(called, start, own.value)));
  };

  return (
    <>
      <PageHead
        title="New specification"
        acts={
          <>
            <LinkButton href={`/survey/${team}`}>From screenshots…</LinkButton>
            <Button onClick={() => setFromFile(true)}>From a file…</Button>
          </>
        }
      >
        {invites && (
          <>
            You’re the only one in this team so far.{' '}
            <Link href={`/people/${team}`}>Invite the people you work with</Link>, now or later.
          </>
        )}
      </PageHead>
      <form className={styles.page} onSubmit={(event) => void create(event)} noValidate>
        <div className={styles.choose}>
          <Field
            label="Name"
            autoComplete="off"
            autoFocus
            placeholder="Passenger site"
            maxLength={LIMITS.name}
            value={name}
            error={problem ?? undefined}
            onChange={({ target }) => {
              setName(target.value);
              setProblem(null);
            }}
          />
          <Choices legend="Start with">
            <label className={styles.start}>
              <Check type="radio" name="start" checked={start === SCREENS} onChange={() => setStart(SCREENS)} />
              <span>
                <strong>Your own screens</strong>
                <span className="soft">Your design sizes, with columns, gutters and margins for all of them</span>
              </span>
            </label>
            {start === SCREENS && <ScreenFields typed={typed} problem={own} onType={setTyped} />}
            {starts.map(({ id, title, says, document }) => (
              <label key={id} className={styles.start}>
                <Check type="radio" name="start" checked={start === id} onChange={() => setStart(id)} />
                <span>
                  <strong>{title}</strong>
                  <span className="soft">{says}</span>
                </span>
                <SpecStrip spec={document} />
              </label>
            ))}
          </Choices>
          <Button type="submit" look="primary" disabled={!isAwake || isBusy || !shown} title="Enter">
            Create specification
          </Button>
        </div>
        {shown && <BegunSpec spec={shown} />}
      </form>
      {isFromFile && <NewFromFileDialog team={team} onClose={() => setFromFile(false)} />}
    </>
  );
}

/** Everything that one can start with, but one’s own screens: the team’s sets first. */
function startsOf(sets: readonly TeamSet[]): { id: string; title: string; says: string; document: Spec }[] {
  return [
    ...sets.map(({ id, name, says, document }) => ({ id: `set ${id}`, title: name, says, document })),
    ...STARTING_SETS.map(({ id, title, says, spec }) => ({ id, title, says, document: spec(title) })),
  ];
}

/** What is asked of the server: a document of one’s own screens, one of the team’s sets, or one that is shipped. */
function wantedOf(name: string, start: string, own: Spec | undefined) {
  if (start === SCREENS) return { document: { ...own, name } };
  return start.startsWith('set ') ? { name, set: start.slice(4) } : { name, start };
}
