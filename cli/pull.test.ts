import { describe, expect, test } from 'vitest';
import { STARTING_SETS } from '../core/document/defaults';
import { canonicalJson } from '../core/edition/canonical';
import { gridCss } from '../core/formats/grid-css/grid-css';
import { answer } from './answer';
import { digestOf } from './sha256';

const LOCK = 'ypsiline-lock.json';
const ADDRESS = 'https://grids.example.org/e/tidewick/passenger-site';
const EDITIONS: Record<string, Record<string, string>> = {
  '1.3.0': { 'grid.css': 'c', 'tokens.json': '{}' },
  '1.2.0': { 'grid.css': 'b', 'tokens.json': '{}' },
  '0.9.0': { 'grid.css': 'a' },
};

/** A server that gives out the editions to whoever has the key. */
const served = (editions = EDITIONS) =>
  (async (address: string, init: RequestInit) => {
    const { Authorization: sent } = init.headers as Record<string, string>;
    if (sent !== 'Bearer ypsk_right')
      return Response.json({ problem: 'This key opens nothing here.' }, { status: 401 });
    const [, version, file] = /^.*\/passenger-site(?:\/([^/]+)\/([^/]+))?$/.exec(address)!;
    if (!version) {
      const listed = Object.keys(editions).map((own) => ({ version: own, files: [] }));
      return Response.json({ editions: listed });
    }
    const text = editions[version]?.[file!];
    return text === undefined ? Response.json({ problem: 'Not found.' }, { status: 404 }) : new Response(text);
  }) as unknown as typeof fetch;

const pull = (line: string, kept: Record<string, string> = {}, fetching = served()) =>
  answer(
    ['pull', ...line.split(' ').filter(Boolean)],
    (file) => {
      if (kept[file] === undefined) throw new Error('no such file');
      return kept[file];
    },
    { fetch: fetching, env: { KEY: 'ypsk_right', WRONG: 'ypsk_wrong' }, bytes: () => null },
  );
const usual = `--from ${ADDRESS}/1 --key-from-env KEY`;
const written = async (line: string, kept?: Record<string, string>, fetching?: typeof fetch) =>
  Object.fromEntries(((await pull(line, kept, fetching)).files ?? []).map(({ path, text }) => [path, String(text)]));

describe('grid.css written otherwise', () => {
  const document = JSON.stringify(STARTING_SETS[0]!.spec('Trial'));
  const editions = {
    '1.3.0': { 'grid.css': 'c', 'spec.json': document },
    '1.2.0': { 'grid.css': 'b', 'spec.json': document },
  };

  test('is made of the edition’s document, and stays so', async () => {
    const first = await written(`${usual} --prefix tw --gutters padding --to src`, {}, served(editions));
    expect(first['src/grid.css']).toContain('.tw-grid');
    expect(first['src/grid.css']).toContain('1.3.0');
    expect(JSON.parse(first[LOCK]!).files['src/grid.css']).toEqual({
      name: 'grid.css',
      version: '1.3.0',
      sha256: digestOf(first['src/grid.css']!),
      options: { prefix: 'tw', gutters: 'padding' },
    });
    const kept = { [LOCK]: first[LOCK]! };
    expect(await written(`${usual} --frozen`, kept, served(editions))).toEqual({
      'src/grid.css': first['src/grid.css'],
    });
    const again = await written(`${usual} --to src`, kept, served(editions));
    expect(again['src/grid.css']).toBe(first['src/grid.css']);
  });

  test('what is exported of a pulled document is the edition’s own file', async () => {
    const spec = STARTING_SETS[0]!.spec('Trial');
    const canonical = canonicalJson(spec);
    const sha256 = digestOf(canonical);
    const fetching = (async (address: string) =>
      /passenger-site$/.test(address)
        ? Response.json({
            editions: [{ version: '1.3.0', files: [], sha256, publishedAt: '2026-11-02T10:00:00.000Z' }],
          })
        : new Response(canonical)) as unknown as typeof fetch;
    const kept = await written(`${usual} --files spec.json --to src`, {}, fetching);
    const { text } = await answer(
      ['export', './src/spec.json', '--format', 'grid-css'],
      (file) => kept[file.replace('./', '')]!,
    );
    expect(`${text}\n`).toBe(gridCss(spec, { version: '1.3.0', published: '2026-11-02', sha256 }));
    // changed by hand, it is a draft
    const changed: Record<string, string> = { ...kept, 'src/spec.json': JSON.stringify({ ...spec, name: 'Other' }) };
    const draft = await answer(['export', 'src/spec.json', '--format', 'grid-css'], (file) => changed[file]!);
    expect(draft.text).toContain('Other, edition draft');
  });

  test.each([
    ['--gutters none', '--gutters is “none”. Use one of gap, padding, shares'],
    ['--prefix tw --files tokens.json', '--prefix is for a new grid.css. Add grid.css to --files'],
    ['--prefix A', 'The prefix “A” cannot be used'],
  ])('%s', async (line, says) =>
    expect((await pull(`${usual} ${line}`, {}, served(editions))).problem).toContain(says),
  );
});

describe('pull', () => {
  test('the newest of a range, with a lock file', async () => {
    const files = await written(`${usual} --files grid.css,tokens.json --to styles`);
    expect(files['styles/grid.css']).toBe('c');
    expect(files['styles/tokens.json']).toBe('{}');
    expect(JSON.parse(files['ypsiline-lock.json']!)).toEqual({
      lockVersion: 1,
      from: ADDRESS,
      files: {
        'styles/grid.css': { name: 'grid.css', version: '1.3.0', sha256: digestOf('c') },
        'styles/tokens.json': { name: 'tokens.json', version: '1.3.0', sha256: digestOf('{}') },
      },
    });
  });

  test('a second pull to another folder is kept beside the first; frozen, each goes to its own', async () => {
    const first = await written(`--from ${ADDRESS}/1.2.0 --key-from-env KEY --files grid.css --to styles`);
    const second = await written(`${usual} --files tokens.json --to src/tokens`, { [LOCK]: first[LOCK]! });
    const kept = { [LOCK]: second[LOCK]! };
    expect(await written(`${usual} --frozen`, kept)).toEqual({
      'styles/grid.css': 'b',
      'src/tokens/tokens.json': '{}',
    });
    expect(await written(`${usual} --frozen --files grid.css`, kept)).toEqual({ 'styles/grid.css': 'b' });
    for (const folder of ['src/tokens', './src/tokens/', 'src//tokens'])
      expect(await written(`${usual} --frozen --to ${folder}`, kept)).toEqual({ 'src/tokens/tokens.json': '{}' });
    expect((await pull(`${usual} --frozen`, kept)).text).toBe('1.3.0: tokens.json\n1.2.0: grid.css');
    expect((await pull(`${usual} --frozen --files spec.json`, kept)).problem).toContain(
      'has no spec.json. Pull it once',
    );
    expect((await pull(`${usual} --frozen --to elsewhere`, kept)).problem).toContain('has nothing in elsewhere');
  });

  test('check --lock holds the files against the lock, without a network', async () => {
    const files = await written(`${usual} --files grid.css,tokens.json --to styles`);
    const check = (on: Record<string, string>) =>
      answer(['check', '--lock'], () => files['ypsiline-lock.json']!, {
        fetch: undefined as unknown as typeof fetch,
        env: {},
        bytes: (path) => (on[path] === undefined ? null : Buffer.from(on[path])),
      });
    expect(await check(files)).toEqual({ text: '2 files are as pulled', status: 0 });
    expect(await check({ 'styles/grid.css': 'changed' })).toEqual({
      text: 'styles/grid.css: changed since it was pulled (1.3.0)\nstyles/tokens.json: missing, pull it again (1.3.0)',
      status: 1,
    });
  });

  test.each([
    ['latest', '1.3.0'],
    ['1.2', '1.2.0'],
    ['0', '0.9.0'],
    ['1.2.0', '1.2.0'],
  ])('%s is %s', async (asked, version) => {
    expect((await pull(`--from ${ADDRESS}/${asked} --key-from-env KEY`)).text).toBe(`${version}: grid.css`);
  });

  test('a withdrawn edition is passed by, and said where it is asked for by its number', async () => {
    const fetching = (async (address: string, init: RequestInit) => {
      if (!address.endsWith('/passenger-site')) return served()(address, init);
      const editions = [
        { version: '1.3.0', withdrawn: 'The gutter is wrong.', files: [] },
        { version: '1.2.0', withdrawn: null, files: [] },
      ];
      return Response.json({ editions });
    }) as unknown as typeof fetch;
    expect((await pull(usual, {}, fetching)).text).toBe('1.2.0: grid.css');
    expect(await pull(`--from ${ADDRESS}/1.3.0 --key-from-env KEY`, {}, fetching)).toMatchObject({
      text: '1.3.0: grid.css',
      problem: 'ypsiline: 1.3.0 is withdrawn: The gutter is wrong.',
      status: 0,
    });
    // also where the lock names it, which nobody has asked again since
    const lock = {
      'ypsiline-lock.json': JSON.stringify({ from: ADDRESS, version: '1.3.0', files: { 'grid.css': digestOf('c') } }),
    };
    expect(await pull(`${usual} --frozen`, lock, fetching)).toMatchObject({
      problem: 'ypsiline: 1.3.0 is withdrawn: The gutter is wrong.',
      status: 0,
    });
    expect(await pull(`${usual} --frozen --fail-on-withdrawn`, lock, fetching)).toEqual({
      problem: 'ypsiline: 1.3.0 is withdrawn: The gutter is wrong. Nothing was written.',
      status: 1,
    });
  });

  test('follow says under a name on which edition is built', async () => {
    const posted: unknown[] = [];
    const fetching = (status: number) =>
      (async (address: string, init: RequestInit) => {
        if (!address.endsWith('/followers')) return served()(address, init);
        posted.push([init.method, JSON.parse(String(init.body))]);
        return Response.json(status === 200 ? {} : { problem: 'A follower needs a name.' }, { status });
      }) as unknown as typeof fetch;
    expect((await pull(`${usual} --follow booking-site`, {}, fetching(200))).status).toBe(0);
    expect(posted).toEqual([['POST', { name: 'booking-site', version: '1.3.0' }]]);
    expect((await pull(`${usual} --follow x`, {}, fetching(422))).problem).toContain('A follower needs a name.');
  });

  test('frozen, the version of the lock file, whatever was published since', async () => {
    const lock = JSON.stringify({ from: ADDRESS, version: '1.2.0', files: { 'grid.css': digestOf('b') } });
    expect(await written(`${usual} --frozen`, { 'ypsiline-lock.json': lock })).toEqual({ 'grid.css': 'b' });
  });

  test('frozen, status 1 and nothing written where bytes differ', async () => {
    const lock = JSON.stringify({ from: ADDRESS, version: '1.2.0', files: { 'grid.css': digestOf('other') } });
    expect(await pull(`${usual} --frozen`, { 'ypsiline-lock.json': lock })).toEqual({
      problem: 'ypsiline: grid.css of 1.2.0 differs from ypsiline-lock.json. Nothing was written',
      status: 1,
    });
  });

  test.each<[string, string, Record<string, string>?]>([
    ['', '--from is missing'],
    ['--from nowhere --key-from-env KEY', '--from is “nowhere”. Use an address such as'],
    [`--from ${ADDRESS}/1/grid.css --key-from-env KEY`, '--from is'],
    [`--from ${ADDRESS}/1`, '--key-from-env is missing'],
    [`--from ${ADDRESS}/1 --key-from-env NONE`, 'the environment variable NONE is empty'],
    [`--from ${ADDRESS}/1 --key-from-env WRONG`, 'answered 401: This key opens nothing here.'],
    [`--from ${ADDRESS}/7 --key-from-env KEY`, 'has no edition 7; it has 1.3.0, 1.2.0, 0.9.0'],
    [`${usual} --files ../../etc/passwd`, '--files names “../../etc/passwd”'],
    [`${usual} --files other.css`, 'answered 404: Not found.'],
    [`${usual} --frozen`, '--frozen needs ypsiline-lock.json'],
    [usual, 'this lock file isn’t JSON', { 'ypsiline-lock.json': '{' }],
    [
      usual,
      'is of a later ypsiline (lockVersion 2)',
      { 'ypsiline-lock.json': '{"lockVersion":2,"from":"x","files":{}}' },
    ],
    [usual, 'lacks from or files', { 'ypsiline-lock.json': '{"files":{"../x":"y"}}' }],
    [
      usual,
      'has for “a/../b” something that can’t be read',
      { 'ypsiline-lock.json': '{"from":"x","files":{"a/../b":{}}}' },
    ],
    [
      usual,
      'ypsiline-lock.json is of https://grids.example.org/e/tidewick/kiosk, not of',
      {
        'ypsiline-lock.json': JSON.stringify({
          from: 'https://grids.example.org/e/tidewick/kiosk',
          version: '1.0.0',
          files: {},
        }),
      },
    ],
  ])('“%s” is unusable', async (line, says, kept) => {
    const { problem, status, files } = await pull(line, kept);
    expect(problem).toContain(says);
    expect([status, files]).toEqual([2, undefined]);
  });

  test('a server that does not answer', async () => {
    const away = (async () => {
      throw new Error('fetch failed', { cause: new Error('connect ECONNREFUSED') });
    }) as unknown as typeof fetch;
    expect((await pull(usual, {}, away)).problem).toContain('doesn’t answer: connect ECONNREFUSED');
  });
});
