import type { Parsed } from '../../core/parsed';
import { SURVEY_LIMITS } from '../../core/survey/read-screens';
import { boxesIn } from '../measure-script/boxes';
import type { Box, Screen } from '../../core/survey/screens';
import { turned } from '../../core/survey/turned';

/** Nothing is fetched, run or sent by a page that is measured: only its own styles and the pictures in it count. */
const POLICY =
  "default-src 'none'; style-src 'unsafe-inline'; img-src data:; font-src data:; form-action 'none'; base-uri 'none'";
const DROPPED =
  'script, noscript, base, link, meta[http-equiv], iframe, frame, frameset, object, embed, applet, portal, audio, video > source';
const MOST_ELEMENTS = 30_000;
const PATIENCE_MS = 10_000;
/** A screen is so high where a page asks for a share of it. */
const SCREEN_HEIGHT = 900;

/**
 * Lays a saved page out at each of the widths in a frame without scripts and without network, and measures what can be seen of it.
 *
 * @param name what the screens are called
 */
export async function measurePage(html: string, name: string, widths: readonly number[]): Promise<Parsed<Screen[]>> {
  const document_ = tamed(html);
  const count = document_.body?.getElementsByTagName('*').length ?? 0;
  if (count === 0) return { problem: 'This page is empty. Save it with its content, as one HTML file.' };
  if (count > MOST_ELEMENTS)
    return {
      problem: `This page has ${count.toLocaleString('en')} elements; at most ${MOST_ELEMENTS.toLocaleString('en')} can be measured. Save a part of it.`,
    };
  const frame = document.createElement('iframe');
  frame.setAttribute('sandbox', 'allow-same-origin');
  frame.setAttribute('aria-hidden', 'true');
  frame.tabIndex = -1;
  frame.style.cssText = `position:fixed;inset:0 auto auto 0;z-index:-1;visibility:hidden;border:0;height:${SCREEN_HEIGHT}px`;
  frame.style.width = `${widths[0]}px`;
  try {
    const inside = await loaded(frame, `<!doctype html>${document_.documentElement.outerHTML}`);
    if (!inside) return { problem: 'This page takes too long to lay out. Save a part of it.' };
    await settled(inside);
    const screens: Screen[] = [];
    for (const width of widths) {
      frame.style.width = `${width}px`;
      const boxes = boxesOf(inside, width).slice(0, Math.floor(SURVEY_LIMITS.boxes / widths.length));
      const height = Math.min(SURVEY_LIMITS.height, Math.max(1, inside.documentElement.scrollHeight));
      const screen = { name: widths.length > 1 ? `${name}, ${width}` : name, width, height, boxes };
      // boxes are measured from the left, and counted from where the page is read from
      screens.push(inside.defaultView!.getComputedStyle(inside.body).direction === 'rtl' ? turned(screen) : screen);
      await new Promise((resolve) => setTimeout(resolve));
    }
    return screens.every(({ boxes }) => boxes.length === 0)
      ? { problem: 'This page is blank without its scripts. Save it after it has loaded.' }
      : { value: screens };
  } finally {
    frame.remove();
  }
}

/** What an element fetches, and what acts by itself. */
const FETCHED = ['src', 'srcset', 'poster', 'background', 'xlink:href', 'data'];
const ACTING = ['ping', 'autofocus', 'action', 'formaction', 'srcdoc', 'http-equiv'];

/** The page without what acts by itself or is fetched; what slips through is held by the policy and by the frame’s sandbox. */
function tamed(html: string): Document {
  const page = new DOMParser().parseFromString(html, 'text/html');
  page.querySelectorAll(DROPPED).forEach((element) => element.remove());
  for (const element of page.querySelectorAll('*')) {
    for (const { name, value } of [...element.attributes]) {
      const isScript = /^javascript:/i.test(value.replace(/[\u0000-\u0020]/g, ''));
      const isElsewhere = FETCHED.includes(name) && !/^\s*(data:|#)/i.test(value);
      if (/^on/i.test(name) || ACTING.includes(name) || isScript || isElsewhere) element.removeAttribute(name);
      else if (name === 'style') element.setAttribute('style', withoutAddresses(value));
    }
  }
  for (const style of page.querySelectorAll('style')) style.textContent = withoutAddresses(style.textContent ?? '');
  const policy = page.createElement('meta');
  policy.setAttribute('http-equiv', 'Content-Security-Policy');
  policy.setAttribute('content', POLICY);
  const style = page.createElement('style');
  // a bar for scrolling would take from the width
  style.textContent = 'html { scrollbar-width: none !important; }';
  page.head.prepend(policy, style);
  return page;
}

/** Styles without what they would fetch. */
function withoutAddresses(css: string): string {
  return css.replace(/@import\b[^;]*;?/gi, '').replace(/url\(\s*(['"]?)(?!\s*(?:data:|#))[^)]*\)/gi, 'url($1data:,$1)');
}

function loaded(frame: HTMLIFrameElement, html: string): Promise<Document | null> {
  return new Promise((resolve) => {
    const waiting = setTimeout(() => resolve(null), PATIENCE_MS);
    frame.onload = () => {
      clearTimeout(waiting);
      resolve(frame.contentDocument);
    };
    frame.srcdoc = html;
    document.body.append(frame);
  });
}

/** Its own fonts and pictures, as far as they come. */
async function settled(inside: Document): Promise<void> {
  const patience = new Promise((resolve) => setTimeout(resolve, 1500));
  await Promise.race([inside.fonts.ready, patience]);
}

/** What can be seen on the screen. */
function boxesOf(inside: Document, screen: number): Box[] {
  return boxesIn(inside.body)
    .filter(({ x, y, width, height }) => x < screen && x + width > 0 && y + height > 0)
    .map(({ x, y, width, height, element }) => ({ x, y, width, height, name: nameOf(element) }));
}

/** `h2 Where to`: what it is, and how its text begins. */
function nameOf(element: Element): string {
  const text = (element.textContent ?? '').replace(/[\s\u0000-\u001f\u007f]+/g, ' ').trim();
  const own = element.id ? `#${element.id}` : element.classList[0] ? `.${element.classList[0]}` : '';
  return `${element.tagName.toLowerCase()}${own} ${Array.from(text).slice(0, 40).join('')}`
    .trim()
    .slice(0, SURVEY_LIMITS.name);
}
