import type { LaidOut } from './grid';

/** Points at two elements, one after the other, and says how far they are apart: px, rows, gutters. */
export function measureOn(root: ShadowRoot, page: HTMLElement, gridOf: () => LaidOut, say: (text: string) => void) {
  let cover: HTMLElement | null = null;
  let first: DOMRect | null = null;
  const boxes: HTMLElement[] = [];

  const outline = (rect: DOMRect): void => {
    const box = document.createElement('div');
    box.className = 'mark own';
    box.style.cssText = `inset: ${rect.top + scrollY}px auto auto ${rect.left + scrollX}px; inline-size: ${rect.width}px; block-size: ${rect.height}px`;
    page.append(box);
    boxes.push(box);
  };
  const clear = (): void => boxes.splice(0).forEach((box) => box.remove());

  const onClick = (event: MouseEvent): void => {
    event.preventDefault();
    cover!.hidden = true;
    const element = document.elementFromPoint(event.clientX, event.clientY);
    cover!.hidden = false;
    if (!element) return;
    const rect = element.getBoundingClientRect();
    if (!first) {
      clear();
      first = rect;
      outline(rect);
      return say('Now click the second element.');
    }
    outline(rect);
    say(apart(first, rect, gridOf()));
    first = null;
  };
  const toggle = (): void => {
    if (cover) {
      cover.remove();
      cover = first = null;
      clear();
      return say('');
    }
    cover = document.createElement('div');
    cover.className = 'catch';
    cover.addEventListener('click', onClick);
    // under the panel, over the page
    root.insertBefore(cover, root.querySelector('.panel'));
    say('Click an element.');
  };
  return { toggle, isOn: () => cover !== null, end: () => cover && toggle() };
}

function apart(a: DOMRect, b: DOMRect, { row, gutter }: LaidOut): string {
  const across = Math.max(b.left - a.right, a.left - b.right);
  const down = Math.max(b.top - a.bottom, a.top - b.bottom);
  const short = (length: number): string => String(Math.round(length * 100) / 100);
  const said = [
    ...(across > 0 ? [`${short(across)} px across${gutter > 0 ? `, ${short(across / gutter)} gutters` : ''}`] : []),
    ...(down > 0 ? [`${short(down)} px down${row > 0 ? `, ${short(down / row)} rows` : ''}`] : []),
  ];
  if (said.length === 0) return `They overlap by ${short(-across)} × ${short(-down)} px.`;
  return `${said.join('; ')}.`;
}
