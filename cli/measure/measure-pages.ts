import pLimit from 'p-limit';
import type { Browser, Page } from 'puppeteer-core';
import type { Measured, MeasureQuestion } from '../../core/built/measured';
import { MEASURE_SCRIPT } from '../../core/built/measure-script';
import { Unusable } from '../command';
import type { FoundBrowser } from './find-browser';
import { whyNot } from './why-not';

/** What is measured, and how. */
export type MeasureAsked = {
  addresses: readonly string[];
  widths: readonly number[];
  /** How high the window is at a width. */
  heightAt: (width: number) => number;
  question: MeasureQuestion;
  /** A selector that is there when the page has come. */
  wait: string | null;
  /** Sent with each request of the page; written nowhere. */
  headers: Record<string, string>;
  cookies: readonly { name: string; value: string }[];
  /** A page that has not come after so many ms is given up. */
  patience: number;
};

/** A page at one width; or why it could not be measured. */
export type MeasuredScreen = { width: number; height: number } & ({ measured: Measured } | { problem: string });
/** A page with what was taken of it at each width. */
export type TakenPage<T> = { address: string; notes: string[]; screens: T[] };

/** Takes what is wanted of a screen while it is still there, such as its picture. */
type Take<T> = (page: Page, address: string, screen: MeasuredScreen) => Promise<T>;

/** Pages are measured side by side, so many at a time. */
const SIDE_BY_SIDE = 2;

/** A page stands still when it measures the same twice, so many ms apart; one that does not within so many is said to move. */
const [BETWEEN, MOVES_AFTER] = [80, 4_000];

/**
 * Opens each address in a browser without a window, and measures it at each width. What cannot be opened throws one sentence; what cannot be measured at a width says so.
 */
export async function measurePages<T>(
  { path, kind }: FoundBrowser,
  asked: MeasureAsked,
  take: Take<T>,
): Promise<TakenPage<T>[]> {
  const browser = await launched(path, kind);
  try {
    const side = pLimit(SIDE_BY_SIDE);
    const pages = asked.addresses.map((address) => side(() => measureOne(browser, address, asked, take)));
    return await Promise.all(pages);
  } finally {
    await browser.close().catch(() => {});
  }
}

async function launched(path: string, kind: FoundBrowser['kind']): Promise<Browser> {
  const { default: puppeteer } = await import('puppeteer-core');
  const isRoot = process.getuid?.() === 0;
  const args = kind === 'chrome' ? ['--disable-gpu', '--hide-scrollbars', ...(isRoot ? ['--no-sandbox'] : [])] : [];
  try {
    return await puppeteer.launch({ executablePath: path, browser: kind, headless: true, args });
  } catch (error) {
    throw new Unusable(`${path} can’t be started: ${(error as Error).message.split('\n')[0]}`);
  }
}

async function measureOne<T>(
  browser: Browser,
  address: string,
  asked: MeasureAsked,
  take: Take<T>,
): Promise<TakenPage<T>> {
  const page = await browser.newPage();
  const notes: string[] = [];
  page.on('dialog', (dialog) => {
    notes.push(`A dialog was closed: “${dialog.message().slice(0, 80)}”`);
    void dialog.dismiss().catch(() => {});
  });
  try {
    const [first = 1280] = asked.widths;
    await page.setViewport({ width: first, height: asked.heightAt(first) });
    if (Object.keys(asked.headers).length > 0) await page.setExtraHTTPHeaders(asked.headers);
    if (asked.cookies.length > 0) await page.setCookie(...asked.cookies.map((cookie) => ({ ...cookie, url: address })));
    await opened(page, address, asked);
    const led = page.url();
    if (withoutPart(led) !== withoutPart(address)) notes.push(`It led to ${publicAddress(led)}`);
    await page.evaluate(MEASURE_SCRIPT);
    const screens: T[] = [];
    for (const width of asked.widths) {
      const height = asked.heightAt(width);
      await page.setViewport({ width, height });
      const screen = { width, height, ...(await measuredStill(page, asked.question, width)) };
      screens.push(await take(page, address, screen));
    }
    return { address: publicAddress(address), notes, screens };
  } finally {
    await page.close().catch(() => {});
  }
}

/** Opens a page, and waits until it has come; nothing on it moves by itself from then on. */
async function opened(page: Page, address: string, { patience, wait }: MeasureAsked): Promise<void> {
  const called = publicAddress(address);
  const answer = await page.goto(address, { waitUntil: 'load', timeout: patience }).catch((error: unknown) => {
    throw new Unusable(`${called} ${whyNot(error, patience)}`);
  });
  const status = answer?.status() ?? 200;
  if (status === 401 || status === 403 || status === 407)
    throw new Unusable(`${called} answers ${status}. Give what signs in with --header or --cookie`);
  if (status >= 400) throw new Unusable(`${called} answers ${status}. Measure a page that is there`);
  const isSignIn = await page.evaluate(() => document.querySelector('input[type="password"]') !== null);
  if (isSignIn && withoutPart(page.url()) !== withoutPart(address))
    throw new Unusable(
      `${called} leads to ${publicAddress(page.url())}, where one signs in. Give what signs in with --header or --cookie`,
    );
  if (wait !== null)
    await page.waitForSelector(wait, { timeout: patience }).catch((error: Error) => {
      const isNone = /valid selector|SyntaxError/i.test(error.message);
      throw new Unusable(
        isNone ? `--wait is “${wait}”, which is no selector` : `${called} has no ${wait} after ${patience / 1000} s`,
      );
    });
  await page.evaluate(async () => {
    await Promise.race([document.fonts.ready, new Promise((resolve) => setTimeout(resolve, 5000))]);
    const still = new CSSStyleSheet();
    still.replaceSync(
      'html { scrollbar-width: none !important; scroll-behavior: auto !important } *, ::before, ::after { animation: none !important; transition: none !important; caret-color: transparent !important }',
    );
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, still];
  });
}

/** Measures until twice the same is measured. */
async function measuredStill(
  page: Page,
  question: MeasureQuestion,
  width: number,
): Promise<{ measured: Measured } | { problem: string }> {
  let until = Infinity;
  let before = '';
  for (;;) {
    const text = (await page.evaluate(
      `new Promise((done) => requestAnimationFrame(() => setTimeout(() => done(JSON.stringify(ypsiline.measure(${JSON.stringify(question)}))))))`,
    )) as string;
    const measured = JSON.parse(text) as Measured | { problem: string };
    if ('problem' in measured) return { problem: `The page ${measured.problem}` };
    if (text === before)
      return question.isInContainer || Math.abs(measured.width - width) < 1
        ? { measured }
        : { problem: `The page lays itself out ${Math.round(measured.width)} px wide` };
    // a large page takes long to measure: its first time counts for nothing
    if (before === '') until = Date.now() + MOVES_AFTER;
    else if (Date.now() > until) return { problem: `The page moves all the time: ${movedBetween(before, measured)}` };
    before = text;
    await new Promise((resolve) => setTimeout(resolve, BETWEEN));
  }
}

/** What stood elsewhere a moment before. */
function movedBetween(before: string, now: Measured): string {
  const was = new Map((JSON.parse(before) as Measured).boxes.map((box) => [box.name, box]));
  const moved = now.boxes.find(({ name, x, y, width, height }) => {
    const old = was.get(name);
    return !old || old.x !== x || old.y !== y || old.width !== width || old.height !== height;
  });
  return moved ? moved.name : 'its texts';
}

/** An address as it may be written down: without a name and password in it. */
export function publicAddress(address: string): string {
  const url = new URL(address);
  url.username = url.password = '';
  return url.href;
}

function withoutPart(address: string): string {
  const url = new URL(address);
  url.username = url.password = url.hash = '';
  return url.href;
}
