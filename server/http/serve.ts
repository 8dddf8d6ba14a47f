// Serves the built application. What every answer has in common stands here, around Next's own handler: who asks from
// where, its id and line in the log, security headers, addresses that no page has, a database that is away, whether the
// process takes requests, an orderly end.
import { createServer, type ServerResponse } from 'node:http';
import next from 'next';
import { driverProblem } from './driver';
import { answerAway } from './away';
import { clientOf, readTrustedProxies } from './client-address';
import { answerHealth, application } from './health';
import { serveMetrics } from './metrics';
import { logRequest } from './request-log';
import { plainAddress } from './plain-address';
import { secure } from './security';
import { signInGate } from './sign-in-gate';
import { cutSilentSockets } from './silent-sockets';

/** After SIGTERM: how long a balancer has to see that this process takes no more, how long streams take to end, how long everything may, in ms. */
const [UNREADY_MS, STREAMS_MS, DRAIN_MS] = [Number(process.env.YPSILINE_UNREADY_MS ?? 0), 4_000, 10_000];

/** What a request may ask for. Of anything else Next makes no request of its own. */
const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];

const { PORT = '4410', HOST = '127.0.0.1', YPSILINE_TRUSTED_PROXIES = '' } = process.env;
const { YPSILINE_METRICS_PORT = '', YPSILINE_METRICS_HOST = '127.0.0.1' } = process.env;
const unmended = driverProblem();
if (unmended) {
  console.error(`✗ ${unmended}`);
  process.exit(1);
}
let isDraining = false;
const trusted = readTrustedProxies(YPSILINE_TRUSTED_PROXIES);
const app = next({ dev: false, hostname: HOST, port: Number(PORT) });
const handle = app.getRequestHandler();
const signIn = signInGate();
const count = YPSILINE_METRICS_PORT
  ? serveMetrics({ port: Number(YPSILINE_METRICS_PORT), host: YPSILINE_METRICS_HOST })
  : () => {};
await app.prepare();

// idle connections are kept longer than browsers and balancers keep theirs: none sends a request into one that is being closed
const server = createServer(
  { requestTimeout: 60_000, headersTimeout: 20_000, keepAliveTimeout: 75_000 },
  async (request, response) => {
    const { address, isSecure, isTrusted } = clientOf(request, trusted);
    const plain = plainAddress(request.url ?? '/');
    request.url = plain ?? '/';
    logRequest(request, response, { address, isTrusted, onDone: (done) => count(request, done) });
    // whoever keeps this connection is to open the next one elsewhere
    if (isDraining) response.setHeader('Connection', 'close');
    if (await answerHealth(request, response, isDraining)) return;
    request.headers['x-ypsiline-address'] = address;
    // Next and the cookies go by these; what a stranger wrote there is not believed
    request.headers['x-forwarded-for'] = address;
    request.headers['x-forwarded-proto'] = isSecure ? 'https' : 'http';
    secure(request, response, isSecure);
    if (plain === null) return sayPlainly(response, 400, 'This address can’t be read. Check it and try again.');
    if (!METHODS.includes(request.method ?? '')) {
      response.setHeader('Allow', METHODS.join(', '));
      return sayPlainly(response, 405, `Nothing here accepts ${request.method}.`);
    }
    answerAway(request, response);
    const answer = () =>
      handle(request, response).catch((error: unknown) => {
        console.error(error);
        if (!response.headersSent) response.writeHead(500);
        response.end();
      });
    const isSignIn = request.method === 'POST' && /^\/api\/session\/?($|\?)/i.test(plain);
    return isSignIn ? signIn(request, response, address, answer) : answer();
  },
);

function sayPlainly(response: ServerResponse, status: number, says: string) {
  response.writeHead(status, { 'Content-Type': 'text/plain; charset=utf-8' });
  response.end(`${says}\n`);
}

for (const signal of ['SIGTERM', 'SIGINT'] as const) {
  process.once(signal, async () => {
    isDraining = true;
    setTimeout(() => process.exit(0), DRAIN_MS).unref();
    await new Promise((resolve) => setTimeout(resolve, UNREADY_MS));
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    await application()?.drain(STREAMS_MS);
    server.closeIdleConnections();
  });
}

cutSilentSockets(server);
server.on('error', (error) => {
  console.error(`✗ ${error.message}`);
  process.exit(1);
});
server.listen(Number(PORT), HOST, () => console.log('Ready'));
