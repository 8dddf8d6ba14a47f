'use client';

import { SignInForm } from '../../account/sign-in-form';
import { Dialog } from '../../parts/dialog';
import { useDraft } from '../draft-context';
import type { SaveState } from '../together/together-store';
import { Notice } from '../../parts/notice';
import { Button } from '../../parts/button';

type Props = { state: SaveState; onRetry: () => void };

/** Why a change was not taken over: a document that could not be kept. */
export function NotTakenNotice() {
  const problem = useDraft((draft) => draft.notTaken);
  const putAway = useDraft((draft) => draft.putAway);
  if (problem === null) return null;
  return (
    <Notice of="problem">
      This change wasn’t applied: {problem}{' '}
      <Button look="quiet" onClick={putAway}>
        Dismiss
      </Button>
    </Notice>
  );
}

/** What stands in the way of saving, and what to do. What was typed is kept in the browser meanwhile. */
export function SaveNotice({ state, onRetry }: Props) {
  if (state.is === 'signed-out') {
    return (
      <Dialog title="Your session has ended">
        <p>Your changes are still here. Sign in again to save them.</p>
        <SignInForm onSignedIn={onRetry} />
      </Dialog>
    );
  }
  if (state.is === 'unreachable') {
    return (
      <Notice of="problem">
        You’re offline. Keep working: your changes stay in this browser and are saved when the server is back.{' '}
        <Button look="quiet" onClick={onRetry}>
          Try now
        </Button>
      </Notice>
    );
  }
  if (state.is === 'refused') {
    return (
      <Notice of="problem">
        The server can’t save this draft: {state.problem} Your changes stay in this browser.{' '}
        <Button look="quiet" onClick={onRetry}>
          Try again
        </Button>
      </Notice>
    );
  }
  return null;
}
