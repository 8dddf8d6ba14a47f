'use client';

import { weightCount } from '../../core/checks/rule';
import { Link } from '../parts/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { JudgedFinding } from '../../core/checks/run';
import { waived } from '../../core/checks/waivers';
import { editsBetween } from '../../core/edits/edits-between';
import type { Spec } from '../../core/spec/schema';
import { Fractions } from '../drawing/numeral';
import { send } from '../frame/send';
import { Problem } from '../parts/problem';
import { WaiverForm } from '../waivers/waiver-form';
import styles from './publish.module.scss';
import { Button } from '../parts/button';

/** A finding that holds an edition back, with its sentence: the rules that make it are not sent along. */
export type OpenFinding = { finding: JudgedFinding; says: string };

type HeldBackProps = {
  address: string;
  person: string;
  spec: { id: string; revision: number; document: Spec };
  open: OpenFinding[];
};

/** The *must fix* findings: mended on the bench, or waived here with a reason. */
export function HeldBack({ address, person, spec, open }: HeldBackProps) {
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
    <div className={styles.held} role="region" aria-label="Fix before publishing">
      <h2>{weightCount('must-fix', open.length)}</h2>
      <p>
        Fix {open.length === 1 ? 'it' : 'them'} on the <Link href={address}>bench</Link>, or waive{' '}
        {open.length === 1 ? 'it' : 'each'} with a reason that readers see.
      </p>
      <ul>
        {open.map(({ finding, says }, index) => (
          <li key={index}>
            <strong>{finding.breakpoint ? names.get(finding.breakpoint) : 'All'}</strong> <Fractions text={says} />{' '}
            {waiving === index ? (
              <WaiverForm onWaive={(reason) => waive(finding, reason)} onCancel={() => setWaiving(null)} />
            ) : (
              <Button look="quiet" onClick={() => setWaiving(index)}>
                Waive…
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Problem says={problem} />
    </div>
  );
}
