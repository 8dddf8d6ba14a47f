'use client';

import { LIMITS, SAID } from '../../core/limits';
import { Link } from '../parts/link';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { useForm } from 'react-hook-form';
import type { Spec } from '../../core/spec/schema';
import { LONG_PATIENCE, send } from '../frame/send';
import { Field } from '../parts/field';
import { Problem } from '../parts/problem';
import { type ForWhom, WhatItAsks } from './for-whom';
import { HeldBack, type OpenFinding } from './held-back';
import styles from './publish.module.scss';
import { Label } from '../parts/label';
import { TextArea, TextInput } from '../parts/text-input';
import { Button } from '../parts/button';

type Props = {
  address: string;
  person: string;
  spec: { id: string; revision: number; document: Spec };
  last: string | null;
  proposed: string;
  /** Why this version is proposed. */
  because: string;
  /** Does the draft say anything that the last edition does not? */
  isNew: boolean;
  /** A text to start from, of what changed. */
  note: string;
  open: OpenFinding[];
  /** What changed, drawn and in words. */
  children: ReactNode;
} & ForWhom;

type Fields = { version: string; note: string; stepReason: string };

const FIELDS = ['version', 'note', 'stepReason'] as const;

/** The draft held against the last edition; what holds it back; whom it touches; version and note; publish. */
export function PublishPage(props: Props) {
  const { address, person, spec, last, proposed, because, isNew, note, open, children, ...forWhom } = props;
  const router = useRouter();
  const { register, handleSubmit, setError, formState } = useForm<Fields>({
    defaultValues: { version: proposed, note, stepReason: '' },
  });
  const { errors, isSubmitting } = formState;
  const [asksReason, setAsksReason] = useState(false);

  const publish = async (fields: Fields): Promise<void> => {
    const answer = await send(
      'POST',
      `/api/specs/${spec.id}/editions`,
      { ...fields, revision: spec.revision },
      LONG_PATIENCE,
    );
    if (answer.ok) return router.push(`${address}/editions/${answer.body.version}`);
    if (answer.body.field === 'draft') router.refresh();
    if (answer.body.field === 'stepReason') setAsksReason(true);
    setError(FIELDS.find((each) => each === answer.body.field) ?? 'root', { message: answer.problem });
  };

  if (!isNew) {
    return (
      <main id="content" className="page">
        <h1>Nothing new to publish</h1>
        <p>
          The draft is the same as <Link href={`${address}/editions/${last}`}>edition {last}</Link>. Change it on the{' '}
          <Link href={address}>bench</Link> first.
        </p>
      </main>
    );
  }
  const isHeld = open.length > 0 || forWhom.approvals.missing !== null;
  return (
    <main id="content" className={`page ${styles.page}`}>
      <section>
        <h1>Publish {spec.document.name}</h1>
        <p className="soft">An edition never changes once it’s published. You can keep editing the draft.</p>
        {open.length > 0 && <HeldBack address={address} person={person} spec={spec} open={open} />}
        <WhatItAsks address={address} {...forWhom} />
        <form className={styles.form} onSubmit={handleSubmit(publish)} noValidate>
          <div className="field">
            <Label className="needed" htmlFor="version">
              Version{' '}
            </Label>
            <TextInput
              id="version"
              className={`number ${styles.version}`}
              autoComplete="off"
              aria-describedby="version-why"
              aria-required
              aria-invalid={Boolean(errors.version)}
              {...register('version')}
            />
            <p id="version-why" className="soft">
              {because}
            </p>
            <Problem says={errors.version?.message} />
          </div>
          {asksReason && (
            <Field
              label={`Why not ${proposed}?`}
              autoComplete="off"
              maxLength={SAID.reason}
              error={errors.stepReason?.message}
              {...register('stepReason')}
            />
          )}
          <div className="field">
            <Label className="needed" htmlFor="note">
              Release notes{' '}
            </Label>
            <TextArea
              id="note"
              rows={4}
              aria-required
              maxLength={LIMITS.notes}
              aria-invalid={Boolean(errors.note)}
              {...register('note')}
            />
            <Problem says={errors.note?.message} />
          </div>
          <Button type="submit" look="primary" disabled={isSubmitting || isHeld}>
            {isSubmitting ? 'Publishing…' : 'Publish edition'}
          </Button>
          <Problem says={errors.root?.message} />
        </form>
      </section>
      <section aria-labelledby="differences">
        <h2 id="differences">{last === null ? 'The first edition' : `Changes since ${last}`}</h2>
        {children}
      </section>
    </main>
  );
}
