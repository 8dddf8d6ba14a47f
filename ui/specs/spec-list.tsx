'use client';

import { Plus } from 'lucide-react';
import { weightCount } from '../../core/checks/rule';
import { Link } from '../parts/link';
import { type ReactNode, useState } from 'react';
import { Moment } from '../frame/moment';
import { type Asked, listAddress } from './list-address';
import { ListQuestion } from './list-question';
import dynamic from 'next/dynamic';
import { CopySpecDialog } from './copy-spec-dialog';
import { RenameDialog } from './rename-dialog';
import { SpecMenu } from './spec-menu';
import styles from './spec-list.module.scss';
import type { ListedSpec } from './listed-spec';
import { Empty } from '../parts/empty';
import { Button } from '../parts/button';
import { LinkButton } from '../parts/link-button';

const NewFromFileDialog = dynamic(
  () => import('../reading-in/new-from-file-dialog').then((file) => file.NewFromFileDialog),
  { ssr: false },
);

type ListedPage = { specs: ListedSpec[]; page: number; pages: number; found: number; archived: number; all: number };

type Props = {
  /** What a specification looks like, where there is none to show. */
  sample: ReactNode;
  team: { slug: string; name: string };
  list: ListedPage;
  asked: Asked;
  members: { name: string; says: string }[];
  /** What whoever looks may do. */
  may: { edit: boolean; archive: boolean; remove: boolean };
};

type Open = { dialog: 'file' } | { dialog: 'copy' | 'rename'; spec: ListedSpec } | null;

/** The specifications of a team, a page at a time: searched and sorted by the server, opened, made, copied, renamed, archived. */
export function SpecList({ sample, team, list, asked, members, may }: Props) {
  const [open, setOpen] = useState<Open>(null);
  const close = (): void => setOpen(null);
  const { specs, page, pages, found, archived: archivedCount, all } = list;
  const address = (change: Partial<Asked>): string => listAddress(team.slug, { ...asked, page: 1, ...change });

  return (
    <>
      <div className={styles.head}>
        <h1>{asked.archived ? 'Archived specifications' : 'Specifications'}</h1>
        <ListQuestion key={String(asked.archived)} asked={asked} address={address} />
        <LinkButton href={`/survey/${team.slug}`}>{may.edit ? 'From screenshots…' : 'Survey screens…'}</LinkButton>
        {may.edit && (
          <>
            <Button onClick={() => setOpen({ dialog: 'file' })}>From a file…</Button>
            <LinkButton look="primary" href={`/new/${team.slug}`}>
              <Plus size={15} aria-hidden /> New specification
            </LinkButton>
          </>
        )}
      </div>
      {specs.length === 0 ? (
        <Empty
          picture={all === 0 && !asked.archived && sample}
          act={
            all === 0 &&
            !asked.archived &&
            may.edit && <LinkButton href={`/new/${team.slug}`}>Create the first specification</LinkButton>
          }
        >
          {emptySentence(all, asked.archived, asked.sought)}
        </Empty>
      ) : (
        <ul className={styles.list}>
          {specs.map((spec) => (
            <li key={spec.id} className={styles.row}>
              <span className={styles.drawing}>{spec.drawing}</span>
              <div className={styles.name}>
                <Link href={`/${team.slug}/${spec.slug}`}>{spec.name}</Link>
                <span className="number soft">{spec.counts}</span>
              </div>
              <Edition team={team.slug} spec={spec} />
              <Findings spec={spec} />
              <div className="soft">
                {spec.people.length > 0 ? spec.people.join(', ') : spec.changedBy}
                <br />
                <Moment at={spec.changedAt} />
              </div>
              <SpecMenu
                spec={spec}
                may={may}
                onCopy={() => setOpen({ dialog: 'copy', spec })}
                onRename={() => setOpen({ dialog: 'rename', spec })}
              />
            </li>
          ))}
        </ul>
      )}
      {pages > 1 && (
        <nav className={styles.pages} aria-label="Pages of the list">
          <PageLink href={page > 1 ? address({ page: page - 1 }) : null}>Previous page</PageLink>
          <span className="number">
            Page {page} of {pages}, {found} specifications
          </span>
          <PageLink href={page < pages ? address({ page: page + 1 }) : null}>Next page</PageLink>
        </nav>
      )}
      <footer className={styles.foot}>
        <p className="soft">{members.map(({ name, says }) => `${name} (${says.toLowerCase()})`).join(', ')}</p>
        {(archivedCount > 0 || asked.archived) && (
          <Link href={listAddress(team.slug, { sought: '', sort: asked.sort, page: 1, archived: !asked.archived })}>
            {asked.archived ? 'Back to specifications' : `Archived: ${archivedCount}`}
          </Link>
        )}
      </footer>
      {open?.dialog === 'file' && <NewFromFileDialog team={team.slug} onClose={close} />}
      {open?.dialog === 'copy' && <CopySpecDialog team={team.slug} original={open.spec} onClose={close} />}
      {open?.dialog === 'rename' && <RenameDialog spec={open.spec} onClose={close} />}
    </>
  );
}

function PageLink({ href, children }: { href: string | null; children: ReactNode }) {
  return href ? <Link href={href}>{children}</Link> : <span className="soft">{children}</span>;
}

function emptySentence(all: number, archived: boolean, sought: string): string {
  if (all > 0) return `No specification matches “${sought.trim()}”. Clear the search to see all ${all}.`;
  return archived
    ? 'No archived specifications.'
    : 'Create your first specification. A starting set gives you phone, tablet and desktop at once.';
}

function Edition({ team, spec }: { team: string; spec: ListedSpec }) {
  const review = spec.inReview && (
    <>
      <br />
      <Link href={`/${team}/${spec.slug}/review`}>in review</Link>
    </>
  );
  if (spec.lastEdition === null)
    return (
      <div className="soft">
        Draft {spec.revision}, never published
        {review}
      </div>
    );
  return (
    <div>
      <Link href={`/${team}/${spec.slug}/editions/${spec.lastEdition}`}>Edition {spec.lastEdition}</Link>
      <br />
      <span className="soft">{spec.differs ? 'draft has changes' : 'no changes since'}</span>
      {review}
    </div>
  );
}

function Findings({ spec: { mustFix, weigh, problem } }: { spec: ListedSpec }) {
  if (problem !== null || mustFix === null || weigh === null)
    return (
      <div className={styles.must} title={problem ?? undefined}>
        can’t be opened
      </div>
    );
  if (mustFix + weigh === 0) return <div className={styles.fine}>adds up</div>;
  return (
    <div>
      {mustFix > 0 && <span className={styles.must}>{weightCount('must-fix', mustFix)}</span>}
      {mustFix > 0 && weigh > 0 && <br />}
      {weigh > 0 && <span className={styles.weigh}>{weightCount('weigh', weigh)}</span>}
    </div>
  );
}
