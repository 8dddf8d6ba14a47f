import { readFileSync } from 'node:fs';
import { createServer, type IncomingMessage } from 'node:http';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import { application } from './health';

/** The routes of the application, as its build has them: a pattern for each, so that ids are no labels. */
function routes() {
  try {
    const { dynamicRoutes, staticRoutes } = JSON.parse(readFileSync('.next/routes-manifest.json', 'utf8'));
    return [...staticRoutes, ...dynamicRoutes].map(({ page, regex }) => ({ page, pattern: new RegExp(regex) }));
  } catch {
    return [];
  }
}

/** What a process counts, and a port of its own where Prometheus reads it. */
export function serveMetrics({ port, host }: { port: number; host: string }) {
  const registry = new Registry();
  collectDefaultMetrics({ register: registry, prefix: 'ypsiline_' });
  const known = routes();
  const routeOf = (url: string) => {
    const path = url.split('?')[0] ?? '';
    if (path.startsWith('/_next/')) return '/_next';
    return known.find(({ pattern }) => pattern.test(path))?.page ?? 'other';
  };
  const labelNames = ['method', 'route', 'status'] as const;
  const requests = new Histogram({
    name: 'ypsiline_request_seconds',
    help: 'Requests by route and status, and how long they took',
    labelNames,
    buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.2, 0.5, 1, 2, 5],
    registers: [registry],
  });
  const counter = (name: string, help: string) => new Counter({ name, help, registers: [registry] });
  const saves = counter('ypsiline_saves_total', 'Saves of drafts that were acknowledged');
  const publishes = counter('ypsiline_publishes_total', 'Editions that were published');
  const gauge = (name: string, help: string) => new Gauge({ name, help, registers: [registry] });
  const streams = gauge('ypsiline_event_streams', 'Event streams that are open');
  const waits = gauge('ypsiline_oldest_delivery_seconds', 'For how long the oldest web hook that is due has waited');
  const ready = gauge('ypsiline_ready', 'Whether this process takes requests');
  const behind = new Gauge({
    name: 'ypsiline_replica_age_seconds',
    help: 'How old what a replica has may be; -1 for one that does not answer',
    labelNames: ['replica'] as const,
    registers: [registry],
  });

  createServer(async (_request, response) => {
    const [numbers, readiness] = await Promise.all([application()?.numbers(), application()?.ready()]);
    if (numbers) {
      streams.set(numbers.streams);
      waits.set(numbers.oldestDelivery ?? Number.NaN);
      numbers.replicaAges.forEach((age, index) => behind.set({ replica: index }, age === null ? -1 : age / 1000));
    }
    ready.set(readiness && !readiness.problem ? 1 : 0);
    response.setHeader('Content-Type', registry.contentType);
    response.end(await registry.metrics());
  }).listen(port, host);

  return (request: IncomingMessage, { status, ms }: { status: number; ms: number }) => {
    const [method, route] = [request.method ?? '', routeOf(request.url ?? '')];
    requests.observe({ method, route, status }, ms / 1000);
    if (route === '/api/specs/[id]/draft' && method === 'PUT' && status === 200) saves.inc();
    if (route === '/api/specs/[id]/editions' && method === 'POST' && status === 201) publishes.inc();
  };
}
