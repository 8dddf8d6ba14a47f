'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import type { JudgedFinding } from '../../core/checks/run';
import { editsBetween } from '../../core/edits/edits-between';
import { waived } from '../../core/checks/waivers';
import type { Difference } from '../../core/diff/differences';
import type { Spec } from '../../core/spec/schema';
import { Fractions } from '../drawing/numeral';
import { DifferenceTable } from '../drawing/difference-table';
import { send } from '../frame/send';
import { WaiverForm } from '../waivers/waiver-form';
import styles from './publish.module.scss';
import { Problem } from '../parts/problem';

type Props = {
  address: string;
  person: string;
  spec: { id: string; revision: number; document: Spec };
  last: string | null;
  proposed: string;
  /** Why this version is proposed. */
  because: string;
  differences: Difference[];
  /** What holds it back, with the sentences: the rules that make them are not sent along. */
  open: { finding: JudgedFinding; says: string }[];
};

type Fields = { version: string; note: string };

/** The draft held against the last edition; what holds it back; version and note; publish. */
export function PublishPage({ address, person, spec, last, proposed, because, differences, open }: Props) {
  const router = useRouter();
  const { register, handleSubmit, setError, formState } = useForm<Fields>({
    defaultValues: { version: proposed, note: '' },
  });
  const { errors, isSubmitting } = formState;

  const publish = async (fields: Fields): Promise<void> => {
    const answer = await send<{ version: string }>('POST', `/api/specs/${spec.id}/editions`, {
      ...fields,
      revision: spec.revision,
    });
    if (answer.ok) return router.push(`${address}/editions/${answer.body.version}`);
    if (answer.body.field === 'draft') router.refresh();
    const field = answer.body.field === 'version' || answer.body.field === 'note' ? answer.body.field : 'root';
    setError(field, { message: answer.problem });
  };

  if (last !== null && differences.length === 0) {
    return (
      <main id="content" className="page">
        <h1>Nothing new to publish</h1>
        <p>
          The draft says the same as <Link href={`${address}/editions/${last}`}>edition {last}</Link>. Change it on the{' '}
          <Link href={address}>bench</Link> first.
        </p>
      </main>
    );
  }

  return (
    <main id="content" className={`page ${styles.page}`}>
      <section>
        <h1>Publish {spec.document.name}</h1>
        <p className="soft">An edition never changes after this. The draft goes on.</p>
        {open.length > 0 && <HeldBack address={address} person={person} spec={spec} open={open} />}
        <form className={styles.form} onSubmit={handleSubmit(publish)} noValidate>
          <div className="field">
            <label className="form-label needed" htmlFor="version">
              Version{' '}
            </label>
            <input
              id="version"
              className={`form-control number ${styles.version}`}
              autoComplete="off"
              aria-describedby="version-why"
              aria-required
              aria-invalid={Boolean(errors.version)}
              {...register('version')}
            />
            <p id="version-why" className="soft">
              {because}
            </p>
            {errors.version && (
              <p className="problem" role="alert">
                {errors.version.message}
              </p>
            )}
          </div>
          <div className="field">
            <label className="form-label needed" htmlFor="note">
              What this edition brings{' '}
            </label>
            <textarea
              id="note"
              className="form-control"
              rows={3}
              aria-required
              maxLength={5000}
              aria-invalid={Boolean(errors.note)}
              {...register('note')}
            />
            {errors.note && (
              <p className="problem" role="alert">
                {errors.note.message}
              </p>
            )}
          </div>
          <button type="submit" className="btn btn-primary" disabled={isSubmitting || open.length > 0}>
            {isSubmitting ? 'Publishing…' : 'Publish this edition'}
          </button>
          {errors.root && (
            <p className="problem" role="alert">
              {errors.root.message}
            </p>
          )}
        </form>
      </section>
      <section aria-labelledby="differences">
        <h2 id="differences">{last === null ? 'The first edition' : `Changes since ${last}`}</h2>
        {last === null ? (
          <p>Nothing was published before; everything in the draft is new.</p>
        ) : (
          <DifferenceTable differences={differences} before={last} after="draft" />
        )}
      </section>
    </main>
  );
}

type HeldBackProps = Pick<Props, 'address' | 'person' | 'spec' | 'open'>;

/** The *must fix* findings: mended on the bench, or waived here with a reason. */
function HeldBack({ address, person, spec, open }: HeldBackProps) {
  const router = useRouter();
  const [waiving, setWaiving] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const names = new Map(spec.document.breakpoints.map(({ id, name }) => [id, name]));

  const waive = async (finding: JudgedFinding, reason: string): Promise<void> => {
    const answer = await send('PUT', `/api/specs/${spec.id}/draft`, {
      revision: spec.revision,
      edits: editsBetween(spec.document, waived(spec.document, finding, { reason, by: person })),
    });
    if (!answer.ok) return setProblem(answer.problem);
    setWaiving(null);
    router.refresh();
  };

  return (
    <div className={styles.held} role="region" aria-label="What holds this edition back">
      <h2>{open.length} to fix first</h2>
      <p>
        Mend {open.length === 1 ? 'it' : 'them'} on the <Link href={address}>bench</Link>, or waive{' '}
        {open.length === 1 ? 'it' : 'each'} with a reason that readers will see.
      </p>
      <ul>
        {open.map(({ finding, says }, index) => (
          <li key={index}>
            <strong>{finding.breakpoint ? names.get(finding.breakpoint) : 'All'}</strong> <Fractions text={says} />{' '}
            {waiving === index ? (
              <WaiverForm onWaive={(reason) => waive(finding, reason)} onCancel={() => setWaiving(null)} />
            ) : (
              <button type="button" className="quiet" onClick={() => setWaiving(index)}>
                Waive…
              </button>
            )}
          </li>
        ))}
      </ul>
      <Problem says={problem} />
    </div>
  );
}
