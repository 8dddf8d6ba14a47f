'use client';

import { Button } from '../ui/parts/button';

/** What a page shows when it could not be made; the cause is in the server's log. */
export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <main id="content" className="page">
      <h1>This page couldn’t be loaded</h1>
      <p>Something went wrong on the server. Everything saved is safe.</p>
      <Button look="primary" onClick={reset}>
        Try again
      </Button>
    </main>
  );
}
