import { Link } from '../parts/link';

/** For whoever may not publish: who may, and what can be done instead. */
export function MayNotPublish({ address, says }: { address: string; says: string }) {
  return (
    <main id="content" className="page narrow">
      <h1>Publish</h1>
      <p>{says}</p>
      <p>
        You can <Link href={`${address}/comparison`}>see what changed</Link>, or{' '}
        <Link href={`${address}/remarks`}>comment</Link>.
      </p>
    </main>
  );
}
