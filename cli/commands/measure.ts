import { builtJson, builtJunit, type BuiltPage, builtText, countVerdicts } from '../../core/built/report-built';
import { BUILT_TOLERANCE, holdBuilt, measuredWidths, questionOf, unmeasured } from '../../core/built/hold-built';
import { breakpointAt } from '../../core/spec/ranges';
import type { Spec } from '../../core/spec/schema';
import { type Command, documentIn, pxAmong, readArguments, readText, Unusable, wholeNumber } from '../command';
import { findBrowser } from '../measure/find-browser';
import { createKeeper } from '../measure/keep';
import type { MeasuredScreen } from '../measure/measure-pages';

const USAGE =
  'measure --against SPEC --url ADDRESS… [--widths all|drawn|bounds|320,412,1512] [--height PX] [--browser PATH] [--wait SELECTOR] [--ignore SELECTOR] [--tolerance PX] [--header "NAME: VALUE"]… [--cookie NAME=VALUE]… [--timeout S] [--allow-unchecked] [--pictures DIR] [--junit FILE] [--keep ADDRESS --key-from-env NAME [--as NAME]] [--json]';

/** Running pages, measured in a browser at every width that matters and held against a document; status 1 where something is off. */
export const measureCommand: Command = {
  usage: USAGE,
  says: `Measures running pages in a browser that is there (Chromium, Chrome, Edge, Firefox) and compares them with a document: edges on columns, the blocks of its layouts, rows, baselines, text styles, sideways scrolling. Exit code 1 where something differs, or couldn’t be checked.

  --against SPEC    the document (spec.json of an edition)
  --url ADDRESS     a page; several are measured side by side
  --widths          all: the drawn widths and one px on both sides of each boundary (as without it); drawn; bounds; or a list of px
  --height PX       how high the window is (as the breakpoint is drawn)
  --browser PATH    the browser’s program, or its name on the search path
  --wait SELECTOR   measure when this is on the page
  --ignore SELECTOR leave out what matches, and what is in it
  --tolerance PX    nearer than this is on its line (${BUILT_TOLERANCE})
  --header, --cookie
                    sent with each request, such as a session’s; written to no report
  --timeout S       give up a page after so many seconds (30)
  --allow-unchecked exit code 0 though something couldn’t be checked
  --pictures DIR    a picture of each page and width that is off, with what is off marked
  --junit FILE      write JUnit XML as well
  --keep ADDRESS    keep the measurement with the specification, …/e/TEAM/SPEC: boxes and sizes, no words and no pictures
  --key-from-env NAME
                    the environment variable that holds a key that may send measurements
  --as NAME         what was measured, such as a branch (main)
  --json            findings with numbers of px, for scripts`,
  async run(args, read, { env, fetch: fetching }) {
    const one = { type: 'string' as const };
    const many = { type: 'string' as const, multiple: true };
    const { lists, values } = readArguments(
      args,
      USAGE,
      {
        against: one,
        url: many,
        widths: one,
        height: one,
        browser: one,
        wait: one,
        ignore: one,
        tolerance: one,
        header: many,
        cookie: many,
        timeout: one,
        pictures: one,
        junit: one,
        keep: one,
        'key-from-env': one,
        as: one,
        'allow-unchecked': { type: 'boolean' as const },
      },
      0,
    );
    const text = (name: string): string | undefined => (typeof values[name] === 'string' ? values[name] : undefined);
    if (text('against') === undefined) throw new Unusable('measure needs a document. Add --against SPEC');
    const document = readText(text('against')!, read);
    const spec = documentIn(document, text('against')!);
    const addresses = lists('url').map(addressOf);
    if (addresses.length === 0)
      throw new Unusable('measure needs a page. Add --url ADDRESS, such as http://localhost:3000/');
    const tolerance = pxAmong(values, 'tolerance') ?? BUILT_TOLERANCE;
    const widths = widthsOf(spec, text('widths'));
    const height = wholeNumber(values, 'height', { least: 100, most: 16_000 });
    const browser = findBrowser(text('browser'), env);
    const ignore = text('ignore') ?? null;
    const keeper = text('keep') === undefined ? null : createKeeper({ values, env, fetching, document, spec });
    const { measurePages } = await import('../measure/measure-pages');
    const pictures = text('pictures');
    const drawn: { path: string; text: string | Buffer }[] = [];
    const built = await measurePages(
      browser,
      {
        addresses,
        widths,
        heightAt: (width) => height ?? breakpointAt(spec, width).reference.height,
        question: questionOf(spec, ignore),
        wait: text('wait') ?? null,
        headers: Object.fromEntries(lists('header').map(headerOf)),
        cookies: lists('cookie').map(cookieOf),
        patience: (wholeNumber(values, 'timeout', { most: 600 }) ?? 30) * 1000,
      },
      async (page, address, screen) => {
        const held = heldScreen(spec, screen, tolerance);
        if ('measured' in screen) keeper?.add(address, screen.measured, held);
        const off = held.checks.flatMap(({ findings }) => findings);
        if (pictures !== undefined && off.length > 0) {
          const { pictureOff } = await import('../measure/draw-off');
          drawn.push(await pictureOff(page, off, pictures, address));
        }
        return held;
      },
    );
    const counts = countVerdicts(built);
    const junit = text('junit');
    const isOff = counts.differs > 0 || (counts['not-checked'] > 0 && !values['allow-unchecked']);
    const kept = await keeper?.keep(tolerance);
    return {
      ...kept,
      text: values['json'] ? builtJson(built, spec.name) : builtText(built),
      files: [...drawn, ...(junit === undefined ? [] : [{ path: junit, text: builtJunit(built) }])],
      status: kept?.problem !== undefined ? 2 : isOff ? 1 : 0,
    };
  },
};

/** A screen held against the document, with the window in which it was measured. */
function heldScreen(spec: Spec, screen: MeasuredScreen, tolerance: number): BuiltPage['screens'][number] {
  const { width, height } = screen;
  const held =
    'problem' in screen ? unmeasured(spec, width, screen.problem) : holdBuilt(spec, screen.measured, tolerance);
  return { ...held, width, height };
}

function addressOf(text: string): string {
  const url = URL.canParse(text) ? new URL(text) : null;
  if (!url || !['http:', 'https:', 'file:'].includes(url.protocol))
    throw new Unusable(`--url is “${text}”. Use an address such as http://localhost:3000/`);
  return url.href;
}

function widthsOf(spec: Spec, text: string | undefined): number[] {
  if (text === undefined || text === 'all') return measuredWidths(spec);
  if (text === 'drawn' || text === 'bounds') return measuredWidths(spec, text);
  const widths = text.split(',').map((each) => each.trim());
  if (!widths.every((each) => /^\d{2,5}$/.test(each) && Number(each) >= 50 && Number(each) <= 16_000))
    throw new Unusable(`--widths is “${text}”. Use all, drawn, bounds, or px such as 320,412,1512`);
  return [...new Set(widths.map(Number))].sort((a, b) => a - b);
}

function headerOf(text: string): [string, string] {
  const [, name, value] = /^\s*([\w!#$%&'*+.^`|~-]+)\s*:\s*(.*?)\s*$/.exec(text) ?? [];
  // what was given may be a secret: it is not said
  if (name === undefined || value === undefined) throw new Unusable('--header can’t be read. Use "NAME: VALUE"');
  return [name, value];
}

function cookieOf(text: string): { name: string; value: string } {
  const [, name, value] = /^\s*([^=;,\s]+)=([^;]*?)\s*$/.exec(text) ?? [];
  if (name === undefined || value === undefined) throw new Unusable('--cookie can’t be read. Use NAME=VALUE');
  return { name, value };
}
