/** What no escape is needed for (RFC 3986, section 2.3). */
const UNRESERVED = /[A-Za-z0-9\-._~]/;

/**
 * The one spelling of what a request asks for: without a scheme and host (RFC 9112, section 3.2.2), a fragment, dot segments, doubled slashes, or escapes of
 * what needs none (RFC 3986, section 6.2.2). Whatever stands before the pages goes by it, and so do they.
 *
 *     plainAddress('/./api/%73ession#a')   // '/api/session'
 *
 * @returns null where it cannot be read, also as text that a database can be asked for
 */
export function plainAddress(url: string): string | null {
  if (url.length > 4000) return null;
  try {
    const absolute = /^[a-z][a-z0-9+.-]*:\/\//i.test(url) ? url : `http://host/${url.replace(/^[/\\]+/, '')}`;
    const { pathname, search } = new URL(absolute);
    const plain = pathname
      .replace(/%[0-9a-f]{2}/gi, (escape) => {
        const letter = decodeURIComponent(Number.parseInt(escape.slice(1), 16) < 128 ? escape : '%25');
        return UNRESERVED.test(letter) && letter.length === 1 ? letter : escape.toUpperCase();
      })
      .replace(/\/{2,}/g, '/');
    if (/[\u0000-\u001f\u007f]/.test(decodeURIComponent(plain)) || /%0[0-8bcef]|%1[0-9a-f]|%7f/i.test(search))
      return null;
    return plain + search;
  } catch {
    return null;
  }
}
