import { ARCHIVE, FORMATS } from '../../core/formats/registry';

const [BEGIN, END] = ['<!-- formats: npm run docs -->', '<!-- /formats -->'];

/** docs/addresses.md with the files of an edition as the registry has them. */
export function withFormats(page: string): string {
  const called = (file: string): string => `\`${file.replace('*', 'BREAKPOINT')}\``;
  const rows = [...FORMATS.filter(({ inEditions }) => inEditions), ARCHIVE].map(
    ({ file, isOf }) => `| ${called(file)} | ${isOf} |`,
  );
  const table = ['| file | for |', '| --- | --- |', ...rows].join('\n');
  return `${page.slice(0, page.indexOf(BEGIN))}${BEGIN}\n\n${table}\n\n${page.slice(page.indexOf(END))}`;
}
