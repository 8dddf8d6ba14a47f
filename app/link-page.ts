import { longDay } from '../core/text/long-day';
import { escaped } from '../core/text/markup';
import type { EditionList } from './openapi/schemas';

/** Pages for people who open a public link in a browser; builds get JSON from the same address. */

/** Does whoever asks read pages? Builds and `curl` ask for anything, or for JSON. */
export function wantsPage(request: Request): boolean {
  return (request.headers.get('accept') ?? '').includes('text/html');
}

type Edition = EditionList['editions'][number];

/** The editions that a link opens, each with its page and its files. */
export function linkPage(name: string, editions: readonly Edition[]): string {
  const list =
    editions.length === 0
      ? '<p>Nothing is published yet. Open this link again after the first edition.</p>'
      : editions.map(editionHtml).join('\n');
  return page(name, `<h1>${escaped(name)}</h1>\n${list}`);
}

/** Why a link opens nothing, as a page. */
export function closedPage(problem: string): string {
  return page('Link', `<h1>This link doesn’t open</h1>\n<p>${escaped(problem)}</p>`);
}

function editionHtml({ version, publishedAt, note, withdrawn, files }: Edition): string {
  const day = longDay(new Date(publishedAt));
  const pages = ['page.html', 'page.pdf'].flatMap((file) => files.filter(({ name }) => name === file));
  const others = files.filter((file) => !pages.includes(file));
  return `<section>
<h2>${escaped(version)} <small>${escaped(day)}</small></h2>
${withdrawn ? `<p><strong>Withdrawn:</strong> ${escaped(withdrawn)}</p>` : ''}
${note ? `<p>${escaped(note)}</p>` : ''}
<p>${pages.map(fileLink).join(' · ')}</p>
<details><summary>${others.length} ${others.length === 1 ? 'file' : 'files'} for builds</summary>
<ul>${others.map((file) => `<li>${fileLink(file)}</li>`).join('')}</ul></details>
</section>`;
}

const NAMES: Record<string, string> = { 'page.html': 'Read', 'page.pdf': 'PDF' };

function fileLink({ name, address }: Edition['files'][number]): string {
  return `<a href="${escaped(address)}">${escaped(NAMES[name] ?? name)}</a>`;
}

function page(title: string, content: string): string {
  return `<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>${escaped(title)}, Ypsiline</title>
<style>
:root { color-scheme: light dark; font: 16px/1.5 system-ui, sans-serif; --soft: #5a5d6b; --link: #6d3b7f; }
@media (prefers-color-scheme: dark) { :root { --soft: #a6a8b8; --link: #d0a5e0; } }
body { max-width: 640px; margin: 0 auto; padding: 48px 20px 64px; overflow-wrap: anywhere; }
h1 { margin: 0 0 24px; font-size: 28px; line-height: 1.2; }
h2 { margin: 32px 0 4px; font-size: 19px; font-variant-numeric: tabular-nums; }
small { color: var(--soft); font-size: 15px; font-weight: 400; }
p { margin: 4px 0; }
a { color: var(--link); }
summary { color: var(--soft); cursor: pointer; }
ul { margin: 4px 0; padding-inline-start: 20px; columns: 2; }
</style>
</head>
<body>
<main>
${content}
</main>
</body>
</html>
`;
}
