import * as z from 'zod';
import { MEASUREMENT_LIMITS, readMeasurement } from '../../../../../core/built/measurement';
import { mayReport } from '../../../../../server/access/key-access';
import { database } from '../../../../../server/database/database';
import { keepMeasurement } from '../../../../../server/editions/measurements';
import { refuse } from '../../../../answers';
import { forKeys } from '../../../../readers';
import { readBody } from '../../../../request-body';

/** A build sends what it measured of running pages, with a key that may report. */
export const POST = forKeys<{ team: string; spec: string }>(async (access, request, headers) => {
  const db = database(access);
  const reporting = await mayReport(db, access);
  if (!reporting)
    return refuse(
      403,
      'This key only downloads editions. Create one that may send measurements, under Keys.',
      {},
      headers,
    );
  const read = await readBody(request, z.unknown(), MEASUREMENT_LIMITS.bytes);
  if ('refusal' in read) return read.refusal;
  const { value, problem } = readMeasurement(read.body);
  if (!value) return refuse(422, problem!, {}, headers);
  const kept = await keepMeasurement(db, reporting, value);
  return kept.value ? Response.json(kept.value, { headers }) : refuse(422, kept.problem!, {}, headers);
});
