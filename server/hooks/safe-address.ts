import { BlockList, isIP } from 'node:net';

/**
 * Addresses that no web hook goes to: the server’s own and those of its network. IANA special-purpose address registries (RFC 6890 and its updates).
 */
const OWN_NETWORK = new BlockList();
for (const [net, bits] of [
  ['0.0.0.0', 8],
  ['10.0.0.0', 8],
  ['100.64.0.0', 10],
  ['127.0.0.0', 8],
  ['169.254.0.0', 16],
  ['172.16.0.0', 12],
  ['192.0.0.0', 24],
  ['192.0.2.0', 24],
  ['192.88.99.0', 24],
  ['192.168.0.0', 16],
  ['198.18.0.0', 15],
  ['198.51.100.0', 24],
  ['203.0.113.0', 24],
  ['224.0.0.0', 4],
  ['240.0.0.0', 4],
] as const)
  OWN_NETWORK.addSubnet(net, bits, 'ipv4');

/** The whole of IPv6 that is in use in the open network (RFC 4291), less what carries IPv4 or is for documents. */
const OPEN_6 = new BlockList();
OPEN_6.addSubnet('2000::', 3, 'ipv6');
const CLOSED_6 = new BlockList();
for (const [net, bits] of [
  ['2001::', 23],
  ['2001:db8::', 32],
  ['2002::', 16],
  ['3fff::', 20],
] as const)
  CLOSED_6.addSubnet(net, bits, 'ipv6');

/** Is this numeric address one of the open network? */
export function isOpenAddress(address: string): boolean {
  if (isIP(address) === 4) return !OWN_NETWORK.check(address, 'ipv4');
  if (isIP(address) === 6) return OPEN_6.check(address, 'ipv6') && !CLOSED_6.check(address, 'ipv6');
  return false;
}

/** The sentence that says why a web hook does not go to an address as it was typed; null where nothing speaks against it yet. */
export function refusedAddress(text: string): string | null {
  if (!URL.canParse(text)) return 'Enter an address, such as https://build.example.org/grids.';
  const url = new URL(text);
  if (url.protocol !== 'https:' && url.protocol !== 'http:') return 'Use an http or https address.';
  if (url.username || url.password) return 'Remove the name and password from the address. Requests are signed.';
  const host = url.hostname.replace(/^\[|\]$/g, '');
  if (
    isIP(host)
      ? !isOpenAddress(host)
      : /(^|\.)(localhost|local|internal|lan|home|intranet)\.?$/i.test(host) || !host.includes('.')
  )
    return IN_OWN_NETWORK;
  return null;
}

export const IN_OWN_NETWORK = 'This address is inside the server’s own network. Use a public one.';
