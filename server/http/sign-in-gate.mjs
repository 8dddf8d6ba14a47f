/** How many sign-ins are looked at at once, how many may wait for that, of one address and in all. */
const [AT_ONCE, WAITING_OF_ONE, WAITING] = [2, 8, 64];

/** How long one that finds no room is held before it is told so, in ms: whoever guesses in a loop goes no faster. */
const HELD_MS = 1_000;

const BUSY = JSON.stringify({ problem: 'Too many sign-ins are being tried at once; try again in a few seconds.' });

/**
 * Lets sign-ins through a few at a time, in the order in which they came, so that many guessers do not slow down whoever
 * reads. An office behind one address waits a moment; only a crowd is refused.
 */
export function signInGate() {
  let running = 0;
  /** @type {{ address: string, go: () => void }[]} */
  const waiting = [];

  const next = () => {
    while (running < AT_ONCE && waiting.length > 0) {
      running++;
      waiting.shift()?.go();
    }
  };

  /**
   * @param {import('node:http').IncomingMessage} request
   * @param {import('node:http').ServerResponse} response
   * @param {string} address who asks
   * @param {() => void} handle
   */
  return (request, response, address, handle) => {
    const own = waiting.filter((each) => each.address === address).length;
    if (own >= WAITING_OF_ONE || waiting.length >= WAITING) {
      request.resume();
      const timer = setTimeout(() => {
        response.writeHead(429, {
          'Content-Type': 'application/json',
          'Retry-After': '5',
          'Cache-Control': 'no-store',
        });
        response.end(BUSY);
      }, HELD_MS);
      response.once('close', () => clearTimeout(timer));
      return;
    }
    let isRunning = false;
    const entry = {
      address,
      go: () => {
        isRunning = true;
        handle();
      },
    };
    waiting.push(entry);
    response.once('close', () => {
      const place = waiting.indexOf(entry);
      if (place >= 0) waiting.splice(place, 1);
      if (isRunning) running--;
      next();
    });
    next();
  };
}
