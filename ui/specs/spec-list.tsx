'use client';

import { Plus } from 'lucide-react';
import Link from 'next/link';
import { type ReactNode, useState } from 'react';
import { Moment } from '../frame/moment';
import { NewSpecDialog } from './new-spec-dialog';
import { RenameDialog } from './rename-dialog';
import { SpecMenu } from './spec-menu';
import styles from './spec-list.module.scss';

export type ListedSpec = {
  id: string;
  slug: string;
  name: string;
  breakpoints: string;
  drawing: ReactNode;
  mustFix: number;
  weigh: number;
  revision: number;
  lastEdition: string | null;
  /** Revisions since the last edition. */
  ahead: number | null;
  changedBy: string;
  changedAt: string;
  archived: boolean;
};

type Props = { team: { slug: string; name: string }; specs: ListedSpec[]; members: { name: string; says: string }[] };

type Open = { dialog: 'new' } | { dialog: 'copy' | 'rename'; spec: ListedSpec } | null;

/** Every specification of a team: searched by name, opened, made, copied, renamed, archived. */
export function SpecList({ team, specs, members }: Props) {
  const [sought, setSought] = useState('');
  const [archived, setArchived] = useState(false);
  const [open, setOpen] = useState<Open>(null);
  const close = (): void => setOpen(null);
  const inView = specs.filter((spec) => spec.archived === archived);
  const shown = inView.filter(({ name }) => name.toLowerCase().includes(sought.trim().toLowerCase()));
  const archivedCount = specs.filter((spec) => spec.archived).length;

  return (
    <>
      <div className={styles.head}>
        <h1>{archived ? 'Archived specifications' : 'Specifications'}</h1>
        <input
          className="form-control"
          type="search"
          placeholder="Search by name"
          aria-label="Search by name"
          value={sought}
          onChange={(event) => setSought(event.target.value)}
        />
        <button type="button" className="btn btn-primary" onClick={() => setOpen({ dialog: 'new' })}>
          <Plus size={15} aria-hidden /> New specification
        </button>
      </div>
      {shown.length === 0 ? (
        <p className={styles.empty}>{emptySentence(inView.length, archived, sought)}</p>
      ) : (
        <ul className={styles.list}>
          {shown.map((spec) => (
            <li key={spec.id} className={styles.row}>
              <span className={styles.drawing}>{spec.drawing}</span>
              <div className={styles.name}>
                <Link href={`/${team.slug}/${spec.slug}`}>{spec.name}</Link>
                <span className="number soft">{spec.breakpoints}</span>
              </div>
              <Edition team={team.slug} spec={spec} />
              <Findings spec={spec} />
              <div className="soft">
                {spec.changedBy}
                <br />
                <Moment at={spec.changedAt} />
              </div>
              <SpecMenu
                spec={spec}
                onCopy={() => setOpen({ dialog: 'copy', spec })}
                onRename={() => setOpen({ dialog: 'rename', spec })}
              />
            </li>
          ))}
        </ul>
      )}
      <footer className={styles.foot}>
        <p className="soft">{members.map(({ name, says }) => `${name} (${says.toLowerCase()})`).join(', ')}</p>
        {(archivedCount > 0 || archived) && (
          <button type="button" className="quiet" onClick={() => setArchived(!archived)}>
            {archived ? 'Back to the specifications' : `Archived: ${archivedCount}`}
          </button>
        )}
      </footer>
      {open?.dialog === 'new' && <NewSpecDialog team={team.slug} onClose={close} />}
      {open?.dialog === 'copy' && <NewSpecDialog team={team.slug} original={open.spec} onClose={close} />}
      {open?.dialog === 'rename' && <RenameDialog spec={open.spec} onClose={close} />}
    </>
  );
}

function emptySentence(inView: number, archived: boolean, sought: string): string {
  if (inView > 0) return `No specification has “${sought.trim()}” in its name. Clear the search to see all ${inView}.`;
  return archived
    ? 'Nothing is archived.'
    : 'No specification yet. Make the first one: a starting set gives you phone, tablet and desktop at once.';
}

function Edition({ team, spec }: { team: string; spec: ListedSpec }) {
  if (spec.lastEdition === null) return <div className="soft">Draft {spec.revision}, never published</div>;
  return (
    <div>
      <Link href={`/${team}/${spec.slug}/editions/${spec.lastEdition}`}>Edition {spec.lastEdition}</Link>
      <br />
      <span className="soft">
        {spec.ahead ? `draft is ${spec.ahead} ${spec.ahead === 1 ? 'save' : 'saves'} ahead` : 'draft is the same'}
      </span>
    </div>
  );
}

function Findings({ spec: { mustFix, weigh } }: { spec: ListedSpec }) {
  if (mustFix + weigh === 0) return <div className={styles.fine}>adds up</div>;
  return (
    <div>
      {mustFix > 0 && <span className={styles.must}>{mustFix} must fix</span>}
      {mustFix > 0 && weigh > 0 && <br />}
      {weigh > 0 && <span className={styles.weigh}>{weigh} to weigh</span>}
    </div>
  );
}
