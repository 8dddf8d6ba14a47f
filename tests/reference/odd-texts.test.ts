import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, test } from 'vitest';
import { judge } from '../../core/checks/run';
import { sentenceOf } from '../../core/checks/sentence';
import { readSpec } from '../../core/document/read';
import { editionFiles } from '../../core/formats/registry';
import { practiceSpec } from '../../core/spec/testing';
import { ensureDebianPackage } from '../../scripts/setup/packages.mjs';
import { rendered } from '../../server/rendering/rendered';
import { randomOf } from '../browser/model/random';
import { cornerSpec, ODD_TEXTS } from '../corners';

/** Whatever a document may hold, every writer writes. */

const ORIGIN = { version: '1.0.0', published: '2026-01-01', sha256: '0'.repeat(64) };

test('documents from the corners of the schema: checked in sentences, and every file is written', () => {
  const random = randomOf(60);
  for (let number = 0; number < (process.env['YPSILINE_LONG'] ? 60 : 8); number++) {
    const spec = cornerSpec(random);
    for (const sentence of judge(spec).map(sentenceOf)) expect(sentence).toMatch(/[.?]$/u);
    // of overlays the first breakpoint’s is enough
    const files = editionFiles(spec).filter(({ name }) => !name.includes('@') && !/^overlay-b-[1-9]/.test(name));
    for (const { name, write } of files) expect(write(ORIGIN).length, name).toBeGreaterThan(0);
  }
}, 300_000);

describe('page.pdf', () => {
  beforeAll(() => ensureDebianPackage('poppler-utils', () => ['/usr/bin/pdftotext'].find(existsSync) ?? null));

  const written = async (text: string) => {
    const document = practiceSpec('Odd');
    const odd = {
      ...document,
      name: text,
      breakpoints: document.breakpoints.map((each) => ({ ...each, name: text, notes: `before ${text} after` })),
    };
    const { value, problem } = readSpec(odd);
    expect(problem).toBeUndefined();
    const file = editionFiles(value!).find(({ name }) => name === 'page.pdf')!;
    const [made] = await rendered([{ becomes: 'pdf', text: file.write(ORIGIN) }]);
    expect(made!.problem).toBeUndefined();
    const path = join(mkdtempSync(join(tmpdir(), 'ypsiline-odd-')), 'page.pdf');
    writeFileSync(path, made!.bytes!);
    return execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' });
  };

  test.each(ODD_TEXTS)('is written with %j anywhere', async (text) => {
    const read = await written(text);
    expect(read).toMatch(/before .*after/);
  });

  test('leaves out marks that nobody sees, and keeps what stands around them', async () => {
    expect(await written('\ufeffPas\u200bted\u00ad')).toContain('before Pasted after');
    expect(await written('e\u0301te')).toContain('before éte after');
  });
});

test('an order that fails names itself, and the others are made', async () => {
  const picture = '<svg xmlns="http://www.w3.org/2000/svg" width="4" height="4"><rect width="4" height="4"/></svg>';
  const [bad, good] = await rendered([
    { becomes: 'pdf', text: '{}' },
    { becomes: 'png', text: picture },
  ]);
  expect(bad!.problem).toMatch(/TypeError/);
  expect(good!.bytes!.subarray(1, 4).toString()).toBe('PNG');
});
