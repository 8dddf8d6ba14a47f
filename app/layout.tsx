import '@fontsource-variable/hanken-grotesk';
import '@fontsource/jetbrains-mono/400.css';
import '@fontsource/jetbrains-mono/700.css';
import type { Metadata } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import '../ui/theme.scss';

export const metadata: Metadata = {
  title: { default: 'Ypsiline', template: '%s · Ypsiline' },
  description: 'Column, row and baseline grids for every breakpoint, calculated exactly and published for the team.',
};

/** Sets light or dark before the first paint: as chosen here before, else as the system has it. */
const SET_THEME = `
const system = matchMedia('(prefers-color-scheme: dark)');
const set = () => { document.documentElement.dataset.bsTheme = localStorage.getItem('ypsiline:theme') ?? (system.matches ? 'dark' : 'light'); };
set();
system.addEventListener('change', set);
`.trim();

export default async function RootLayout({ children }: { children: ReactNode }) {
  // every page is made for its request, so that its scripts carry the nonce of its policy
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: `{${SET_THEME}}` }} />
        {children}
      </body>
    </html>
  );
}
