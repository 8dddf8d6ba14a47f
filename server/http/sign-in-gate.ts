/** How many sign-ins are looked at at once, how many may wait for that, of one address and in all. */
const [AT_ONCE, WAITING_OF_ONE, WAITING] = [2, 8, 64];

/** How long one that finds no room is held before it is told so, in ms: whoever guesses in a loop goes no faster. */
const HELD_MS = 1_000;

/** The most that an e-mail and a password take, in bytes, and how long they may take to come, in ms. */
const [LARGEST, BODY_MS] = [4_096, 3_000];

/** A place is given back after so long, whatever became of the answer, in ms. */
const PLACE_MS = 15_000;

import type { IncomingMessage as Request } from 'node:http';
import type { ServerResponse as Response } from 'node:http';

/**
 * Lets sign-ins through a few at a time, so that many guessers do not slow down whoever reads. A request waits for its place only once the whole of it is here, and
 * an address that has a place comes after those that have none: neither a slow socket nor a crowd behind one address keeps others out.
 */
export function signInGate() {
  const waiting: { address: string; go: () => void }[] = [];
  const running: string[] = [];

  const next = () => {
    while (running.length < AT_ONCE && waiting.length > 0) {
      const fair = waiting.findIndex(({ address }) => !running.includes(address));
      const [entry] = waiting.splice(Math.max(0, fair), 1);
      if (!entry) return;
      running.push(entry.address);
      entry.go();
    }
  };

  const wait = (response: Response, address: string, handle: () => void) => {
    let isRunning = false;
    const entry = {
      address,
      go: () => {
        isRunning = true;
        setTimeout(leave, PLACE_MS).unref();
        handle();
      },
    };
    const leave = () => {
      const place = waiting.indexOf(entry);
      if (place >= 0) waiting.splice(place, 1);
      if (isRunning) running.splice(running.indexOf(address), 1);
      isRunning = false;
      next();
    };
    response.once('close', leave);
    waiting.push(entry);
    next();
  };

  return async (request: Request, response: Response, address: string, handle: () => void) => {
    const problem = await wholeBody(request);
    if (response.destroyed) return;
    if (problem) return refuse(response, problem.status, problem.says);
    const own = waiting.filter((each) => each.address === address).length;
    if (own >= WAITING_OF_ONE || waiting.length >= WAITING) {
      request.resume();
      const timer = setTimeout(
        () => refuse(response, 429, 'Too many sign-ins are being tried at once. Try again in a few seconds.'),
        HELD_MS,
      );
      response.once('close', () => clearTimeout(timer));
      return;
    }
    wait(response, address, handle);
  };
}

/**
 * Waits until the whole of a small body is in the request’s own buffer, from which whoever handles it reads it.
 * @returns why not
 */
async function wholeBody(request: Request): Promise<{ status: number; says: string } | null> {
  const tooLarge = {
    status: 413,
    says: `E-mail and password can have up to ${LARGEST.toLocaleString('en')} bytes.`,
  };
  if (Number(request.headers['content-length'] ?? 0) > LARGEST) return tooLarge;
  const until = performance.now() + BODY_MS;
  while (!request.complete && !request.destroyed) {
    if (request.readableLength > LARGEST) return tooLarge;
    if (performance.now() > until)
      return { status: 408, says: 'The e-mail and the password took too long to arrive. Try again.' };
    // nothing tells of a message that has come whole but is not read yet
    await new Promise((resolve) => setTimeout(resolve, 4));
  }
  return request.readableLength > LARGEST ? tooLarge : null;
}

function refuse(response: Response, status: number, problem: string) {
  response.writeHead(status, {
    'Content-Type': 'application/json',
    'Cache-Control': 'no-store',
    ...(status === 429 ? { 'Retry-After': '5' } : { Connection: 'close' }),
  });
  response.end(JSON.stringify({ problem }));
}
