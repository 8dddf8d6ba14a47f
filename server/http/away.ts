import type { IncomingMessage, ServerResponse } from 'node:http';
/** How long after the last loss of a connection a page that fails is taken to have failed by it, in ms. */
const RECENT_MS = 12_000;

/** What writes an answer, whichever of its forms is used. */
type Writing = (...args: unknown[]) => unknown;

/**
 * Watches an answer: a page that fails while the database is away becomes one that says so, with 503 and when to ask
 * again (RFC 9110, sections 15.6.4 and 10.2.3).
 */
export function answerAway(request: IncomingMessage, response: ServerResponse) {
  if (request.url?.startsWith('/_next/')) return;
  const began = Date.now();
  const write = response.writeHead.bind(response);
  const end = response.end.bind(response);
  let isReplaced = false;
  const answer = response as { writeHead: Writing; write: Writing; end: Writing };
  answer.writeHead = (status, ...rest) => {
    if (status !== 500 || !wasAwaySince(began)) return (write as Writing)(status, ...rest);
    isReplaced = true;
    for (const name of ['Content-Length', 'Transfer-Encoding', 'Content-Encoding', 'ETag', 'Link'])
      response.removeHeader(name);
    write(503, { 'Content-Type': 'text/html; charset=utf-8', 'Retry-After': '2', 'Cache-Control': 'no-store' });
    end(request.method === 'HEAD' ? undefined : PAGE);
    return response;
  };
  const after =
    (go: Writing): Writing =>
    (...args) => {
      if (!isReplaced && !response.headersSent) response.writeHead(response.statusCode);
      if (!isReplaced) return go(...args);
      const done = args.findLast((each) => typeof each === 'function');
      if (typeof done === 'function') done();
      return go === (end as Writing) ? response : true;
    };
  answer.write = after(response.write.bind(response) as Writing);
  answer.end = after(end as Writing);
}

function wasAwaySince(began: number) {
  const at = (globalThis as { ypsilineAwayAt?: number }).ypsilineAwayAt;
  return at !== undefined && (at >= began || Date.now() - at < RECENT_MS);
}

const PAGE = `<!doctype html>
<html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><meta http-equiv="refresh" content="3">
<title>In a moment · Ypsiline</title>
<style>:root{color-scheme:light dark}body{font:16px/1.5 sans-serif;max-width:34em;margin:12vh auto;padding:0 1.5em}</style>
<h1>The database doesn’t answer</h1>
<p>This page comes back by itself. Everything saved is safe, and open windows keep what you typed.</p>
<p><a href="">Try now</a></p></html>
`;
