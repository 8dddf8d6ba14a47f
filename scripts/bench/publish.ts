import type { Application } from '../setup/application';
/** Six at once are what a team of designers does on a release day. */
const AT_ONCE = 6;

/**
 * From the click to the edition: of a draft whose page for publishing was never opened, of one whose page was open for five seconds, and of six at once.
 */
export async function measurePublish({ page }: Application) {
  // the newest edition of the passenger site has most of what an edition is made of
  const demo = await (await page.request.get('/tidewick/passenger-site/editions/latest/spec.json')).json();
  const make = async (name: string) => {
    const made = await page.request.post('/api/teams/tidewick/specs', {
      data: { document: { ...demo, name } },
    });
    const { id, slug } = await made.json();
    return { id, slug };
  };
  const publish = async (id: string) => {
    const began = performance.now();
    const answer = await page.request.post(`/api/specs/${id}/editions`, {
      data: { revision: 1, version: '1.0.0', note: 'Measured.' },
      timeout: 120_000,
    });
    if (answer.status() !== 201) throw new Error(`publishing was answered ${answer.status()}: ${await answer.text()}`);
    return `${Math.round(performance.now() - began)} ms`;
  };
  console.log(`publish, page not opened: ${await publish((await make('Measured cold')).id)}`);
  const looked = await make('Measured looked at');
  await page.goto(`/tidewick/${looked.slug}/publish`, { waitUntil: 'networkidle' });
  await new Promise((resolve) => setTimeout(resolve, 5_000));
  console.log(`publish, page open for 5 s: ${await publish(looked.id)}`);
  const several = [];
  for (let index = 0; index < AT_ONCE; index++) several.push(await make(`Measured ${index}`));
  console.log(`publish, ${AT_ONCE} at once: ${(await Promise.all(several.map(({ id }) => publish(id)))).join(', ')}`);
}
