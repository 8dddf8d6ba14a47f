import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { expect, test } from 'vitest';
import { overlayJs } from '../../core/formats/overlay/overlay-js';
import { DEMO_SPECS } from '../../scripts/demo/specs';
import { measureScriptText, overlayScriptText } from '../../scripts/reference-pages/page-scripts';

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

test('the script in the core is what its source bundles to (npm run docs)', async () =>
  expect(readFileSync('core/formats/overlay/overlay-script.ts', 'utf8')).toBe(await overlayScriptText()));

test('what measures a page, too', async () =>
  expect(readFileSync('core/built/measure-script.ts', 'utf8')).toBe(await measureScriptText()));

test('with the data of an edition it is under 15 kB, gzipped, and ends no script that it stands in', () => {
  for (const { document } of DEMO_SPECS.flatMap(({ drafts }) => drafts)) {
    const named = { ...document, name: '</script><script>alert(1)' };
    const script = overlayJs(named, ORIGIN);
    expect(gzipSync(script).length).toBeLessThan(15_000);
    expect(script).not.toContain('</script');
    expect(script).not.toContain('YPSILINE_DATA');
    expect(() => new Function(script)).not.toThrow();
  }
});
