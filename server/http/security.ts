import type { IncomingMessage, ServerResponse } from 'node:http';
import { randomBytes } from 'node:crypto';

const YEAR = 31_536_000;

const PERMISSIONS = ['camera', 'geolocation', 'microphone', 'payment', 'usb', 'browsing-topics']
  .map((feature) => `${feature}=()`)
  .join(', ');

/**
 * Puts the security headers on an answer. Scripts run only with the nonce of this very answer; Next reads it from the
 * policy in the request and puts it on its own.
 */
export function secure(request: IncomingMessage, response: ServerResponse, isSecure: boolean) {
  const nonce = randomBytes(16).toString('base64');
  const policy = [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
    "base-uri 'none'",
  ].join('; ');
  request.headers['content-security-policy'] = policy;
  request.headers['x-nonce'] = nonce;
  // an address with a secret in it is told to nobody, and a page of any site may name its files in a tag
  const isLink = request.url?.startsWith('/l/') ?? false;
  const headers = {
    'Content-Security-Policy': policy,
    'X-Content-Type-Options': 'nosniff',
    'X-Frame-Options': 'DENY',
    'Referrer-Policy': isLink ? 'no-referrer' : 'same-origin',
    'Permissions-Policy': PERMISSIONS,
    'Cross-Origin-Opener-Policy': 'same-origin',
    'Cross-Origin-Resource-Policy': isLink ? 'cross-origin' : 'same-origin',
    ...(isSecure ? { 'Strict-Transport-Security': `max-age=${YEAR}; includeSubDomains` } : {}),
  };
  for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
}
