/** Why a page could not be opened: what browsers say, by Chromium’s names and by Firefox’s. */
const REASONS: [RegExp, string][] = [
  [/TOO_MANY_REDIRECTS|REDIRECT_LOOP/, 'redirects for ever'],
  [/CONNECTION_REFUSED/, 'isn’t answered. Is the site started?'],
  [/NAME_NOT_RESOLVED|UNKNOWN_HOST/, 'has no server: its name isn’t known'],
  [/CERT|SSL|SEC_ERROR/, 'has a certificate that isn’t trusted'],
  [/EMPTY_RESPONSE|CONNECTION_(RESET|CLOSED)|NET_RESET|NET_INTERRUPT/, 'is cut off before it answers'],
  [/UNSAFE_PORT|PORT_ACCESS/, 'has a port that browsers don’t open'],
  [/INVALID_URL|MALFORMED_URI/, 'isn’t an address. Use one such as http://localhost:3000/'],
  [/ABORTED|BINDING_ABORTED/, 'is no page: it is downloaded'],
];

/** What went wrong with opening a page, as the end of a sentence that begins with its address. */
export function whyNot(error: unknown, patience: number): string {
  const says = error instanceof Error ? error.message : String(error);
  if (/timeout/i.test(says)) return `hasn’t come after ${patience / 1000} s`;
  const known = REASONS.find(([pattern]) => pattern.test(says));
  return known?.[1] ?? `can’t be opened: ${says.split('\n')[0]!.replace(/ at \w+:.*$/, '')}`;
}
