import { randomUUID } from 'node:crypto';
import type { BuiltScreen } from '../../core/built/hold-built';
import type { Measured } from '../../core/built/measured';
import { type Measurement, type MeasuredPage, offInAll, offOnPage, tooMuch } from '../../core/built/measurement';
import { canonicalJson } from '../../core/edition/canonical';
import type { Spec } from '../../core/spec/schema';
import { type Answer, Unusable } from '../command';
import { editionAddress, keyOf, tellServer } from '../edition-server';
import { digestOf } from '../sha256';

type Given = {
  values: Record<string, string | boolean | undefined>;
  env: Record<string, string | undefined>;
  fetching: typeof fetch;
  /** The document as its file has it, and as it was read. */
  document: string;
  spec: Spec;
};

/**
 * Gathers what is measured, and sends it to the specification that `--keep` names. What is wrong with where it goes is said before anything is measured; what was
 * measured is answered all the same where it cannot be sent.
 */
export function createKeeper({ values, env, fetching, document, spec }: Given) {
  const { address } = editionAddress('keep', values['keep']);
  const key = keyOf(values['key-from-env'], env);
  const name = String(values['as'] ?? 'main');
  const pages = new Map<string, { measured: Measured[]; held: BuiltScreen[] }>();
  const id = randomUUID();

  function add(pageAddress: string, measured: Measured, held: BuiltScreen): void {
    const page = pages.get(pageAddress) ?? { measured: [], held: [] };
    pages.set(pageAddress, page);
    page.measured.push(measured);
    page.held.push(held);
  }

  async function keep(tolerance: number): Promise<Pick<Answer, 'words' | 'problem'>> {
    try {
      const called = calledBy([...pages.keys()]);
      const all = [...pages].map(([own, { measured }]): MeasuredPage => ({
        page: called.get(own)!,
        screens: measured,
      }));
      if (all.length === 0) throw new Unusable('nothing could be measured, so nothing was kept');
      const much = tooMuch(all);
      if (much) throw new Unusable(`--keep: ${much.problem}`);
      const off = offInAll([...pages].map(([own, { held }]) => offOnPage(called.get(own)!, held)));
      const sums = { canonical: digestOf(Buffer.from(canonicalJson(spec))), file: digestOf(Buffer.from(document)) };
      const report: Measurement = { id, name, document: sums, tolerance, off, pages: all };
      const { version } = await tellServer<{ version: string }>(fetching, `${address}/measurements`, report, key);
      return { words: `Kept with ${address} ${version}: ${off} off.` };
    } catch (error) {
      if (error instanceof Unusable) return { problem: `ypsiline: ${error.message}` };
      throw error;
    }
  }
  return { add, keep };
}

/** What pages are called where they are kept: their path, without what may be a secret. Two with one path are numbered. */
function calledBy(addresses: readonly string[]): Map<string, string> {
  const paths = addresses.map((address) => {
    const { protocol, pathname } = new URL(address);
    return protocol === 'file:' ? `/${pathname.split('/').at(-1)}` : pathname;
  });
  return new Map(
    addresses.map((address, index) => {
      const [path, before] = [paths[index]!, paths.slice(0, index).filter((own) => own === paths[index]).length];
      return [address, (before === 0 ? path : `${path} (${before + 1})`).slice(0, 500)];
    }),
  );
}
