'use client';

import { Wordmark } from '../frame/wordmark';
import { type DemoSignIn, SignInForm } from './sign-in-form';
import styles from './sign-in.module.scss';

/** The way in. Goes on to the page that was asked for. */
export function SignInPage({ demo, to }: { demo: DemoSignIn[]; to: string }) {
  return (
    <main id="content" className={styles.page}>
      <div className={styles.grid} aria-hidden="true">
        {Array.from({ length: 12 }, (_, index) => (
          <i key={index} />
        ))}
      </div>
      <div className={styles.card}>
        <h1>
          <Wordmark size={26} /> Ypsiline
        </h1>
        <p className={styles.says}>Grids that add up at every width, published for the whole team.</p>
        <SignInForm demo={demo} onSignedIn={() => window.location.assign(to)} />
      </div>
    </main>
  );
}
