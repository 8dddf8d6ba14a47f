/**
 * The document of the newest edition of the passenger site, which has most of what an edition is made of.
 * @param {import('@playwright/test').Page} page
 */
export async function demoSpec(page) {
  const answer = await page.request.get('/tidewick/passenger-site/editions/latest/spec.json');
  return answer.json();
}
