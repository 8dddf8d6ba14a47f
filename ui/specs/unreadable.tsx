import { Link } from '../parts/link';

type Props = { what: string; team: string; problem: string; document: unknown };

/** A document that was stored and cannot be read: it is shown as it is, so that nothing of it is lost. */
export function Unreadable({ what, team, problem, document }: Props) {
  return (
    <main id="content" className="page">
      <h1>This {what} can’t be opened</h1>
      <p className="problem">{problem}</p>
      <p>
        It was stored by another version or changed outside Ypsiline. Nothing is lost: below is what’s stored, and its
        editions are still available. Fix the place named above in a copy of the document and create a new specification
        from it, or ask your administrator to restore an earlier revision.
      </p>
      <pre className="document" tabIndex={0}>
        {JSON.stringify(document, null, 2)}
      </pre>
      <Link href={`/${team}`}>All specifications</Link>
    </main>
  );
}
