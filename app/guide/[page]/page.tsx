import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { marked } from 'marked';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { TopBar } from '../../../ui/frame/top-bar';
import { TextPage } from '../../../ui/guide/text-page';
import { signedInPerson } from '../../asker';

type Props = { params: Promise<{ page: string }> };

const PAGES: Record<string, string> = {
  'for-designers': 'For designers',
  'for-developers': 'For developers',
  'from-sketch-to-shipped': 'From sketch to shipped',
  'slips-to-find': 'Slips to find',
};

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: `Guide: ${PAGES[(await params).page] ?? ''}` };
}

/** A page of the guide, from `docs/guide`, so that it is written once. */
export default async function Page({ params }: Props) {
  const { page } = await params;
  if (!Object.hasOwn(PAGES, page)) notFound();
  const person = await signedInPerson(`/guide/${page}`);
  const text = await readFile(join(process.cwd(), 'docs/guide', `${page}.md`), 'utf8');
  // our own text: links to other pages of the guide stay, those to documents of the repository lose theirs
  const html = (await marked.parse(text))
    .replace(/src="\.\.\/screenshots\//g, 'src="/guide/pictures/')
    // what is scrolled is reached by keys
    .replaceAll('<pre>', '<pre tabindex="0">')
    .replace(/href="([a-z-]+)\.md"/g, 'href="/guide/$1"')
    .replace(/<a href="\.\.[^"]*">(.*?)<\/a>/g, '<em>$1</em>');
  return (
    <>
      <TopBar person={person.name} />
      <TextPage html={html} pages={PAGES} page={page} />
    </>
  );
}
