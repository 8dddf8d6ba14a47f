import type { IncomingMessage } from 'node:http';
import { BlockList, isIP } from 'node:net';

/**
 * The proxies whose word is taken for who asks, as the setting names them: addresses and ranges, such as
 * `127.0.0.1, 10.0.0.0/8`. Without any, the address of the connection is who asks.
 */
export function readTrustedProxies(setting: string): BlockList {
  const trusted = new BlockList();
  for (const each of setting.split(/[\s,]+/).filter(Boolean)) {
    const [address = '', bits] = each.split('/');
    const family = isIP(address) === 6 ? 'ipv6' : 'ipv4';
    if (isIP(address) === 0 || (bits !== undefined && !/^\d{1,3}$/.test(bits)))
      throw new Error(
        `YPSILINE_TRUSTED_PROXIES names “${each}”; it takes addresses and ranges, such as 127.0.0.1, 10.0.0.0/8.`,
      );
    if (bits === undefined) trusted.addAddress(address, family);
    else trusted.addSubnet(address, Number(bits), family);
  }
  return trusted;
}

/**
 * Who asks, and whether over TLS. Only a trusted proxy is believed: of X-Forwarded-For, the last address that is no
 * trusted proxy itself.
 * @returns trusted: comes through one of these proxies
 */
export function clientOf(
  request: IncomingMessage,
  trusted: BlockList,
): { address: string; isSecure: boolean; isTrusted: boolean } {
  const peer = plain(request.socket.remoteAddress ?? 'unknown');
  if (!isTrusted(peer, trusted)) return { address: peer, isSecure: false, isTrusted: false };
  const hops = header(request, 'x-forwarded-for')
    .split(',')
    .map((hop) => plain(hop.trim()));
  const client = hops.findLast((hop) => isIP(hop) !== 0 && !isTrusted(hop, trusted));
  const isSecure = header(request, 'x-forwarded-proto').split(',')[0]?.trim() === 'https';
  return { address: client ?? peer, isSecure, isTrusted: true };
}

function isTrusted(address: string, trusted: BlockList) {
  const family = isIP(address);
  return family !== 0 && trusted.check(address, family === 6 ? 'ipv6' : 'ipv4');
}

/** An IPv4 address as such, also where it comes in IPv6 clothes. */
function plain(address: string) {
  return address.replace(/^::ffff:/, '');
}

function header(request: IncomingMessage, name: string) {
  const value = request.headers[name];
  return Array.isArray(value) ? value.join(',') : (value ?? '');
}
