/** First parts of addresses that are pages, routes or files of the application, and so no team’s; a test holds them to the folders of `app/`. */
const RESERVED = new Set([
  '_next',
  'account',
  'api',
  'e',
  'favicon',
  'guide',
  'healthz',
  'hooks',
  'join',
  'keys',
  'l',
  'log',
  'new',
  'notices',
  'openapi',
  'password',
  'people',
  'readyz',
  'received',
  'sets',
  'sign-in',
  'survey',
  'teams',
  'ypsiline',
]);

/** Would a team at this address be hidden by a page? */
export function isReserved(address: string): boolean {
  return RESERVED.has(address);
}
