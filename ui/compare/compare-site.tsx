'use client';

import { Link } from '../parts/link';
import { type FormEvent, useEffect, useState } from 'react';
import { againstGrid } from '../../core/comparison/against-grid';
import type { SiteComparison } from '../../core/comparison/compare-site';
import { comparisonJson } from '../../core/comparison/comparison-json';
import { junitXml } from '../../core/comparison/junit';
import { counted } from '../../core/length/present';
import type { Parsed } from '../../core/parsed';
import { classesSaid, type RoleChoice } from '../../core/site/grid-systems';
import type { Spec } from '../../core/spec/schema';
import { download } from '../frame/download';
import { Field } from '../parts/field';
import { SelectField } from '../parts/select-field';
import { Toggle } from '../parts/toggle';
import { askReading } from '../reading-in/ask-reading';
import { NotUnderstood } from '../reading-in/not-understood';
import { type Given, Source } from '../reading-in/source';
import { CheckTable } from './check-table';
import styles from './compare.module.scss';
import { DrawnPairs } from './drawn-pairs';
import { Button } from '../parts/button';

/** No grid is called so. */
const MAIN = ' main';

type Props = { document: Spec; version: string; address: string };

/** Holds the style sheets of a site against an edition: what differs, as a table and drawn. */
export function CompareSite({ document: spec, version, address }: Props) {
  const [given, setGiven] = useState<Given[]>([]);
  const [choice, setChoice] = useState<RoleChoice>({});
  const [answer, setAnswer] = useState<Parsed<SiteComparison> | null>(null);
  const [isReading, setReading] = useState(false);
  const [all, setAll] = useState(false);
  const [grid, setGrid] = useState<string | null>(null);
  useEffect(() => {
    if (given.length === 0) return setReading(false);
    setReading(true);
    const page = given.find(isPage) ?? null;
    const texts = given.filter((each) => !isPage(each));
    const against = againstGrid(spec, grid, texts);
    const asked = { is: 'compare' as const, spec: against.spec, texts, page, choice: { ...against.choice, ...choice } };
    return askReading(asked, (came) => {
      setAnswer(came);
      setReading(false);
    });
  }, [given, choice, spec, grid]);

  const comparison = answer?.value;
  const off = comparison?.checks.filter(({ verdict }) => verdict === 'differs') ?? [];
  const left = comparison?.checks.filter(({ verdict }) => verdict === 'not-checked') ?? [];
  return (
    <main id="content" className="page">
      <div className={styles.head}>
        <div>
          <h1>
            A site against {spec.name} {version}
          </h1>
          <p className="soft">
            Does the code do what the edition says? Every range and value, compared.{' '}
            <Link href={address}>Back to edition</Link>
          </p>
        </div>
      </div>
      {spec.grids !== undefined && spec.grids.length > 0 && (
        <SelectField
          id="against"
          label="Against"
          value={grid ?? MAIN}
          options={{ [MAIN]: 'Main grid', ...Object.fromEntries(spec.grids.map(({ id, name }) => [id, name])) }}
          onChange={(id) => setGrid(id === MAIN ? null : id)}
        />
      )}
      <Source
        says="The site’s style sheets, as the browser gets them; with the page as HTML, its own elements decide."
        placeholder={'.page { display: grid; grid-template-columns: repeat(12, 1fr); … }'}
        onGiven={(files) => {
          setAnswer(null);
          setGiven(files);
        }}
        onProblem={(problem) => setAnswer({ problem })}
      />
      <p role="status" className="soft">
        {isReading ? 'Reading…' : given.length > 0 ? given.map(({ name }) => name).join(', ') : ''}
      </p>
      {answer?.problem && (
        <p className="problem" role="alert">
          {answer.problem}
        </p>
      )}
      {comparison && (
        <>
          <section aria-labelledby="found">
            <h2 id="found">{headOf(comparison.checks.length, off.length, left.length)}</h2>
            <p>
              {comparison.grid ? (
                <>
                  The page’s grid: <span className="number">{comparison.grid}</span>
                </>
              ) : (
                'No column grid found; only layouts were checked.'
              )}
            </p>
            <div className={styles.tools}>
              <Toggle isOn={all} onClick={() => setAll(!all)}>
                Show matches
              </Toggle>
              <Button look="quiet" onClick={() => download('ypsiline-compare.xml', 'text/xml', junitXml(comparison))}>
                JUnit XML
              </Button>
              <Button
                look="quiet"
                onClick={() => download('ypsiline-compare.json', 'application/json', comparisonJson(comparison))}
              >
                JSON
              </Button>
            </div>
            <CheckTable checks={all ? comparison.checks : [...off, ...left]} version={version} />
          </section>
          <DrawnPairs pairs={comparison.drawn} version={version} />
          <section aria-labelledby="unread">
            <h2 id="unread">Not understood</h2>
            <NotUnderstood unread={comparison.unread} />
          </section>
          <Roles others={comparison.others} choice={choice} onChoose={setChoice} />
        </>
      )}
    </main>
  );
}

/** Is it the markup of a page? */
function isPage({ name, text }: Given): boolean {
  return /\.x?html?$/i.test(name) || /^\s*<(!doctype|html|head|body)/i.test(text);
}

function headOf(all: number, off: number, left: number): string {
  const unchecked = left > 0 ? `, ${left} not checked` : '';
  if (off === 0 && left === 0) return `All ${all} checks are as the edition has it`;
  if (off === 0) return `${all - left} of ${counted(all, 'check')} are as the edition has it${unchecked}`;
  return `${off} of ${counted(all, 'check')} differ${unchecked}`;
}

type RolesProps = { others: readonly string[]; choice: RoleChoice; onChoose: (choice: RoleChoice) => void };

/** The elements that make the page's grid, where the guess is not what was meant. */
function Roles({ others, choice, onChoose }: RolesProps) {
  const submit = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault();
    const said = new FormData(event.currentTarget);
    const plain = (name: string): string => classesSaid(String(said.get(name) ?? ''));
    onChoose(
      Object.fromEntries(['container', 'row', 'columns'].flatMap((role) => (plain(role) ? [[role, plain(role)]] : []))),
    );
  };
  return (
    <section aria-labelledby="roles">
      <h2 id="roles">Other grids</h2>
      {others.length > 0 && (
        <p className="soft">
          The style sheets contain others as well: <span className="number">{others.slice(0, 6).join(', ')}</span>.
        </p>
      )}
      <form onSubmit={submit} className={styles.roles}>
        <Field
          label="Container class"
          name="container"
          required={false}
          defaultValue={choice.container}
          placeholder="container"
        />
        <Field label="Row or grid class" name="row" required={false} defaultValue={choice.row} placeholder="row" />
        <Field
          label="Column class prefix"
          name="columns"
          required={false}
          defaultValue={choice.columns}
          placeholder="col"
        />
        <Button type="submit">Check these</Button>
      </form>
    </section>
  );
}
