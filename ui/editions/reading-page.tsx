import { Fragment } from 'react';
import { behaviourText } from '../../core/columns/behaviour';
import { columnsAt, sumLine } from '../../core/columns/columns-at';
import { allTables } from '../../core/edition/all-tables';
import { formatOf, savedName } from '../../core/formats/registry';
import { exactText } from '../../core/length/px';
import { numeral } from '../../core/length/present';
import { RULES } from '../../core/checks/registry';
import { heightBehaviour } from '../../core/rows/row-rule';
import { rowLine, rowSumAt } from '../../core/rows/row-sum';
import { measureOf } from '../../core/spec/measure';
import { byWidth, rangeText } from '../../core/spec/ranges';
import type { Breakpoint, Spec } from '../../core/spec/schema';
import { Fractions } from '../drawing/numeral';
import { BareButton } from '../parts/bare-button';
import { Option } from '../parts/check';
import { ScreenDrawing } from '../drawing/screen-drawing';
import { CopyArea } from './copy-area';
import { CopyLink } from './copy-link';
import { CssOtherwiseSection } from './css-otherwise-section';
import { type Around, EditionSwitch } from './edition-switch';
import { FindInPage } from './find-in-page';
import { ForDevelopers } from './for-developers';
import { FilesSection } from './files-section';
import type { ListedFile } from '../../server/editions/edition-files';
import { LayoutSection, WhiteSpaceSection } from './layout-section';
import { PrintButton } from './print-button';
import { Region } from './region';
import { ReadTableView } from './read-table';
import { TypeSpecimens } from './type-specimens';
import { NumberTable } from '../parts/number-table';
import styles from './reading.module.scss';
import { Button } from '../parts/button';
import { LinkButton } from '../parts/link-button';

type Props = {
  edition: {
    version: string;
    note: string;
    publishedBy: string;
    publishedAt: string;
    publishedOn: string;
    sha256: string;
    document: Spec;
    withdrawn: { reason: string; by: string } | null;
  };
  /** The newest edition's version, where this is an older one. */
  newer: string | null;
  address: string;
  team: string;
  css: string;
  files: readonly ListedFile[];
  missing: readonly string[];
  around: Around;
  /** Where this application is, as its readers address it. */
  server: string;
  /** The overlay script of the edition. */
  overlay: string;
};

/** So many files stand at the top; all of them have their section. */
const MOST_BUTTONS = 3;

/** An edition for its readers: drawings, exact values, spans, notes, waivers, the CSS. */
export function ReadingPage({ edition, newer, address, team, css, files, missing, around, server, overlay }: Props) {
  const spec = edition.document;
  const fileName = address.split('/')[2]!;
  return (
    <CopyArea>
      <main id="content" className={styles.page}>
        <header className={styles.head}>
          <div>
            <h1>
              {spec.name} <span className="number">{edition.version}</span>
            </h1>
            <p className={styles.note}>{edition.note}</p>
            <p className="soft">
              Published by {edition.publishedBy}, <time dateTime={edition.publishedAt}>{edition.publishedOn}</time>.
              SHA-256{' '}
              <BareButton className={styles.hash} data-copy={edition.sha256} title="Copy SHA-256">
                {edition.sha256.slice(0, 12)}…
              </BareButton>
            </p>
          </div>
          <div className={`${styles.actions} no-print`}>
            {files.slice(0, MOST_BUTTONS).map(({ name }, index) => (
              <LinkButton
                key={name}
                isLoaded
                title={formatOf(name)?.title}
                look={index === 0 ? 'primary' : 'line'}
                href={`${address}/${name}`}
                download={savedName(fileName, edition.version, name)}
              >
                {name}
              </LinkButton>
            ))}
            <LinkButton isLoaded href={`${address}/compare`}>
              Check a site…
            </LinkButton>
            <PrintButton />
            <CopyLink address={address} />
          </div>
        </header>
        {edition.withdrawn && (
          <p className={styles.withdrawn} role="alert">
            Withdrawn: {edition.withdrawn.reason} ({edition.withdrawn.by}) Don’t build on it.
          </p>
        )}
        {newer && (
          <p className={styles.newer}>
            There’s a newer edition: <a href={`${address.replace(/[^/]+$/, '')}${newer}`}>{newer}</a>.
          </p>
        )}
        <EditionSwitch {...around} version={edition.version} address={address} />
        <Contents spec={spec} />
        <FindInPage />
        <Option type="checkbox" id="rtl" className={`${styles.turn} no-print`}>
          Right to left
        </Option>
        {measureOf(spec) === 'container' && <Region spec={spec} />}
        {byWidth(spec.breakpoints).map((breakpoint) => (
          <BreakpointSection key={breakpoint.id} spec={spec} breakpoint={breakpoint} />
        ))}
        {allTables(spec).map(({ id, title, says, table }) => (
          <Fragment key={id}>
            {id === 'type' && <TypeSpecimens spec={spec} team={team} />}
            <ReadTableView id={id} title={title} says={says} table={table} />
          </Fragment>
        ))}
        {spec.layouts.map((layout) => (
          <LayoutSection key={layout.id} {...{ spec, layout, team, address }} />
        ))}
        {spec.layouts.length > 0 && <WhiteSpaceSection spec={spec} />}
        <Waivers spec={spec} />
        <ForDevelopers {...{ spec, server, team, fileName, address, overlay }} version={edition.version} />
        <FilesSection files={files} missing={missing} address={address} fileName={fileName} version={edition.version} />
        <section className={`${styles.section} no-print`} aria-labelledby="css">
          <div className={styles.sectionHead}>
            <h2 id="css">grid.css</h2>
            <span className="soft">
              container, span and start classes, text styles, overlay and custom properties for every range
            </span>
            <Button look="quiet" className="no-print" data-copy={css}>
              Copy CSS
            </Button>
          </div>
          <pre className={styles.css} tabIndex={0} aria-labelledby="css">
            {css}
          </pre>
          <CssOtherwiseSection
            spec={spec}
            fileName={fileName}
            origin={{
              version: edition.version,
              published: edition.publishedAt.slice(0, 10),
              sha256: edition.sha256,
            }}
          />
        </section>
      </main>
    </CopyArea>
  );
}

/** The parts of the page, to go to. */
function Contents({ spec }: { spec: Spec }) {
  const parts: [string, string][] = [
    ...byWidth(spec.breakpoints).map(({ id, name }): [string, string] => [`breakpoint-${id}`, name]),
    ...allTables(spec)
      .filter(({ id }) => !['type', 'spacing'].includes(id))
      .map(({ id, title }): [string, string] => [id, title]),
    ...(spec.type.length > 0
      ? ([
          ['specimens', 'Type'],
          ['type', 'Text styles'],
        ] as [string, string][])
      : []),
    ...(spec.spacing.steps.length > 0 ? ([['spacing', 'Spacing steps']] as [string, string][]) : []),
    ...spec.layouts.map(({ id, name }): [string, string] => [`layout-${id}`, name]),
    ...(spec.layouts.length > 0 ? ([['white-space', 'White space']] as [string, string][]) : []),
    ...(spec.waivers.length > 0 ? ([['waivers', 'Waivers']] as [string, string][]) : []),
    ['developers', 'For developers'],
    ['files', 'Files'],
    ['css', 'grid.css'],
  ];
  return (
    <nav className={`${styles.contents} no-print`} aria-label="On this page">
      {parts.map(([id, title]) => (
        <a key={id} href={`#${id}`}>
          {title}
        </a>
      ))}
    </nav>
  );
}

function BreakpointSection({ spec, breakpoint }: { spec: Spec; breakpoint: Breakpoint }) {
  const { id, name, reference, notes } = breakpoint;
  const solved = columnsAt(spec, breakpoint);
  const line = sumLine(solved, numeral);
  const heights = rowSumAt(spec, breakpoint);
  return (
    <section className={styles.breakpoint} aria-labelledby={`breakpoint-${id}`}>
      <ScreenDrawing spec={spec} breakpoint={breakpoint} />
      <div>
        <h2 id={`breakpoint-${id}`}>{name}</h2>
        <p className="number soft">
          {rangeText(spec, breakpoint)}, drawn at {reference.width} × {reference.height}
        </p>
        <BareButton className={styles.sum} data-copy={sumLine(solved, exactText)} title="Copy sum">
          <Fractions text={line} />
        </BareButton>
        {heights && (
          <BareButton className={styles.sum} data-copy={rowLine(heights, exactText)} title="Copy sum">
            <Fractions text={rowLine(heights, numeral)} />
          </BareButton>
        )}
        <ul>
          {[...behaviourText(spec, breakpoint), ...heightBehaviour(breakpoint)].map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
        {notes && <p className={styles.notes}>{notes}</p>}
      </div>
    </section>
  );
}

function Waivers({ spec }: { spec: Spec }) {
  if (spec.waivers.length === 0) return null;
  const names = new Map(spec.breakpoints.map(({ id, name }) => [id, name]));
  return (
    <section className={styles.section} aria-labelledby="waivers">
      <div className={styles.sectionHead}>
        <h2 id="waivers">Waivers</h2>
        <span className="soft">findings that were accepted, with the reason</span>
      </div>
      <NumberTable of="words">
        <thead>
          <tr>
            <th scope="col">Rule</th>
            <th scope="col">Breakpoint</th>
            <th scope="col">Reason</th>
            <th scope="col">By</th>
          </tr>
        </thead>
        <tbody>
          {spec.waivers.map(({ rule, breakpoint, reason, by }, index) => (
            <tr key={index}>
              <th scope="row">{RULES.find(({ id }) => id === rule)?.title ?? rule}</th>
              <td>{breakpoint === null ? 'All' : (names.get(breakpoint) ?? breakpoint)}</td>
              <td>{reason}</td>
              <td>{by}</td>
            </tr>
          ))}
        </tbody>
      </NumberTable>
    </section>
  );
}
