import { Button } from '../parts/button';
import { Notice } from '../parts/notice';
import type { Correcting } from './use-correcting';

/** Where else the same may be corrected. */
export function Proposed({ correcting: { proposal, takeUp, letGo } }: { correcting: Correcting }) {
  if (!proposal) return null;
  const { verb, places } = proposal;
  const others = places.length === 1 ? 'another screen' : `${places.length} other screens`;
  return (
    <Notice of="news">
      The same box is on {others}.{' '}
      <Button look="quiet" onClick={takeUp}>
        {verb} it there too
      </Button>{' '}
      <Button look="quiet" onClick={letGo}>
        Close
      </Button>
    </Notice>
  );
}
