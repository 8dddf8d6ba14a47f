import type { Application } from '../setup/application';
import { gzipSync } from 'node:zlib';

const VIEWS = [
  { name: 'sign-in', path: '/sign-in' },
  { name: 'list', path: '/tidewick' },
  { name: 'bench', path: '/tidewick/passenger-site', goal: 350 },
  { name: 'layouts', path: '/tidewick/passenger-site/layouts', goal: 410 },
  { name: 'editions', path: '/tidewick/passenger-site/editions' },
  { name: 'publish', path: '/tidewick/passenger-site/publish' },
  { name: 'reading page', path: '/tidewick/passenger-site/editions/1.0.0', goal: 150 },
];

/**
 * How much JavaScript each view loads, gzipped.
 */
export async function measureJavaScript({ context, url }: Application) {
  console.log('\nJavaScript a view loads, gzipped');
  for (const { name, path, goal } of VIEWS) {
    const page = await context.newPage();
    const sizes: Promise<number>[] = [];
    page.on('response', (response) => {
      // what is fetched ahead for other pages comes after this one has loaded, and is not counted
      if (response.request().resourceType() === 'script')
        sizes.push(response.body().then((body) => gzipSync(body).length));
    });
    await page.goto(url + path, { waitUntil: 'load' });
    const total = (await Promise.all([...sizes])).reduce((sum, size) => sum + size, 0) / 1000;
    console.log(`  ${name.padEnd(14)} ${total.toFixed(0).padStart(5)} kB${goal ? `   goal: under ${goal} kB` : ''}`);
    await page.close();
  }
}
