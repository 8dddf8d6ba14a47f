import { Link } from '../parts/link';

type Props = { what: string; team: string; problem: string; document: unknown };

/** A document that was stored and cannot be read: it is shown as it is, so that nothing of it is lost. */
export function Unreadable({ what, team, problem, document }: Props) {
  return (
    <main id="content" className="page">
      <h1>This {what} cannot be read</h1>
      <p className="problem">{problem}</p>
      <p>
        It was stored by another version, or changed outside of Ypsiline. Nothing of it is lost: this is what is kept.
        Its editions go on being served as they were published. Mend the place that is named above in a copy of the
        document and make a new specification of it, or ask whoever runs Ypsiline to bring back an earlier revision.
      </p>
      <pre className="document" tabIndex={0}>
        {JSON.stringify(document, null, 2)}
      </pre>
      <Link href={`/${team}`}>To the specifications</Link>
    </main>
  );
}
