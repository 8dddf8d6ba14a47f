import { Failure } from './say.mjs';

/** PORT and HOST as the environment gives them, checked. */
export function readAddress() {
  const { PORT = '4410', HOST = '127.0.0.1' } = process.env;
  const port = Number(PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Failure(`PORT is “${PORT}”; it must be a number from 1 to 65535, such as 4410.`);
  return { port, host: HOST };
}

/** Is demo data wanted? */
export function demoWanted() {
  const { YPSILINE_DEMO = '1' } = process.env;
  if (YPSILINE_DEMO !== '0' && YPSILINE_DEMO !== '1')
    throw new Failure(`YPSILINE_DEMO is “${YPSILINE_DEMO}”; it must be 0 (no demo data) or 1.`);
  return YPSILINE_DEMO === '1';
}
