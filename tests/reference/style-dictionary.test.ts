import StyleDictionary from 'style-dictionary';
import { expect, test } from 'vitest';
import { columnsAt } from '../../core/columns/columns-at';
import { tokensText } from '../../core/formats/tokens/tokens-text';
import { decimal } from '../../core/length/present';
import { DEMO_SPECS } from '../../scripts/demo/specs';

/** style-dictionary 4, a tool that turns token files into code, reads tokens-text.json without a warning, and says the same numbers. */

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

test.each(DEMO_SPECS.map(({ drafts }) => [drafts[0]!.document.name, drafts[0]!.document] as const))(
  '%s as CSS',
  async (_, spec) => {
    const dictionary = new StyleDictionary({
      tokens: JSON.parse(tokensText(spec, ORIGIN)) as object,
      log: { warnings: 'error', verbosity: 'verbose' },
      platforms: {
        css: { transformGroup: 'css', files: [{ destination: 'tokens.css', format: 'css/variables' }] },
      },
    } as ConstructorParameters<typeof StyleDictionary>[0]);
    const [file] = (await dictionary.formatPlatform('css')) as { output: string }[];
    const css = new Map(
      [...file!.output.matchAll(/--([\w-]+): ([^;]+);/g)].map(([, name, value]) => [name!, value!] as const),
    );
    for (const breakpoint of spec.breakpoints) {
      const { count, column, gutter, container } = columnsAt(spec, breakpoint);
      const of = (name: string): string | undefined => css.get(`breakpoint-${breakpoint.id}-${name}`);
      expect(of('count')).toBe(String(count));
      expect(of('column')).toBe(`${decimal(column)}px`);
      expect(of('gutter')).toBe(`${decimal(gutter)}px`);
      expect(of('container')).toBe(`${decimal(container)}px`);
      expect(of('span-1')).toBe(`${decimal(column)}px`);
    }
  },
);
