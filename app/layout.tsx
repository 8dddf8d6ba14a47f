import '@fontsource-variable/hanken-grotesk';
import '@fontsource/jetbrains-mono/400.css';
import '@fontsource/jetbrains-mono/700.css';
import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import '../ui/theme.scss';

export const metadata: Metadata = {
  title: { default: 'Ypsiline', template: '%s · Ypsiline' },
  description: 'Column, row and baseline grids for every breakpoint, worked out exactly and published for the team.',
};

/** Sets light or dark before the first paint: as chosen here before, else as the system has it. */
const SET_THEME = `
const system = matchMedia('(prefers-color-scheme: dark)');
const set = () => { document.documentElement.dataset.bsTheme = localStorage.getItem('ypsiline:theme') ?? (system.matches ? 'dark' : 'light'); };
set();
system.addEventListener('change', set);
`.trim();

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <script dangerouslySetInnerHTML={{ __html: `{${SET_THEME}}` }} />
        {children}
      </body>
    </html>
  );
}
