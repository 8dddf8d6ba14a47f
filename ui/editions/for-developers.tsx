import { columnsAt } from '../../core/columns/columns-at';
import { decimal } from '../../core/length/present';
import { byWidth } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';
import styles from './reading.module.scss';
import { Button } from '../parts/button';

type Props = {
  spec: Spec;
  version: string;
  server: string;
  team: string;
  fileName: string;
  /** Where this edition is read. */
  address: string;
  /** The overlay script, whole, for a bookmark. */
  overlay: string;
};

/** The ways in which code takes an edition in, with its own addresses and numbers; each sample is copied as it stands. */
export function ForDevelopers({ spec, version, server, team, fileName, address: page, overlay }: Props) {
  const address = `${server}/e/${team}/${fileName}`;
  const major = version.split('.')[0];
  const widest = byWidth(spec.breakpoints).at(-1)!;
  const { count, gutter } = columnsAt(spec, widest);
  const wide = Math.max(1, Math.ceil(count / 2));
  const samples: [title: string, says: string, code: string][] = [
    [
      'In a build',
      'with a key of the team in YPSILINE_KEY; the lock file keeps version and SHA-256',
      `curl --fail --remote-name ${server}/ypsiline.mjs\nnode ypsiline.mjs pull \\\n  --from ${address}/${major} --key-from-env YPSILINE_KEY \\\n  --files grid.css,spec.json,tokens.json --to src/grid`,
    ],
    ['In a style sheet', 'after it was pulled', "@import url('./grid/grid.css');"],
    [
      'As a tag',
      'with a public link of this specification',
      `<link rel="stylesheet" href="${server}/l/YOUR-LINK/${version}/grid.css">`,
    ],
    [
      'On a page',
      `columns as classes; ${count} of them at ${widest.name}`,
      `<main class="grid">\n  <article class="span-${wide}">…</article>\n  <aside class="span-${Math.max(1, count - wide)}">…</aside>\n</main>`,
    ],
    [
      'In your own rules',
      `custom properties, which change with the range; the gutter is ${decimal(gutter)} px at ${widest.name}`,
      '.cards {\n  column-gap: var(--grid-gutter);\n  padding-inline-start: var(--grid-margin-start);\n}',
    ],
    // what is measured by a container has no script for whole pages
    ...(overlay === ''
      ? []
      : [
          [
            'Over a running page',
            'while you build; press the bookmark again to remove it',
            `<script src="${server}/l/YOUR-LINK/${version}/overlay.js"></script>`,
          ] as [string, string, string],
        ]),
    [
      'In the CI',
      'does the site’s CSS do what this edition says?',
      'node ypsiline.mjs compare src/grid/spec.json dist/site.css --junit reports/grid.xml',
    ],
    [
      'On the running site',
      'in a browser, at every width that matters: edges, rows, baselines, text styles',
      'node ypsiline.mjs measure --against src/grid/spec.json \\\n  --url http://localhost:3000/',
    ],
  ];
  return (
    <section className={`${styles.section} no-print`} aria-labelledby="developers">
      <div className={styles.sectionHead}>
        <h2 id="developers">For developers</h2>
        <span className="soft">addresses never change; create keys and public links on the team’s page</span>
      </div>
      <div className={styles.samples}>
        {samples.map(([title, says, code]) => (
          <figure key={title}>
            <figcaption>
              <strong>{title}</strong> <span className="soft">{says}</span>
            </figcaption>
            <pre className={styles.css} tabIndex={0} aria-label={title}>
              {code}
            </pre>
            <Button look="quiet" data-copy={code}>
              Copy
            </Button>
          </figure>
        ))}
      </div>
      {overlay !== '' && (
        <p>
          The overlay draws columns, rows and baselines over any page, measures distances and lists what’s off the grid.{' '}
          <Button look="quiet" data-copy={`javascript:${encodeURIComponent(overlay)}`}>
            Copy as bookmark
          </Button>{' '}
          {spec.layouts.length > 0 && <a href={`${page}/overlay`}>Show on this edition’s layouts</a>}
        </p>
      )}
    </section>
  );
}
