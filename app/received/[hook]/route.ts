import { database } from '../../../server/database/database';
import { isGenuine } from '../../../server/hooks/signature';
import { isUuid } from '../../../server/uuid';
import { forAnybody, nothingHere, refuse } from '../../answers';
import { readBytes } from '../../request-body';

const LARGEST = 65_536;

/** The receiver that is shipped: keeps what a web hook sends, with whether it was signed as it should be. */
export const POST = forAnybody<{ hook: string }>(async (request, { hook }) => {
  if (!isUuid(hook)) return nothingHere();
  const [row] = await database()<{ secret: string | null }[]>`select hook_secret(${hook}) as secret`;
  if (!row?.secret) return nothingHere();
  const { bytes } = await readBytes(request, LARGEST);
  if (!bytes) return refuse(413, 'This is too large for the test endpoint.');
  const body = bytes.toString('utf8').replaceAll('\u0000', '');
  const genuine = isGenuine(row.secret, {
    signature: request.headers.get('ypsiline-signature') ?? '',
    seconds: Number(request.headers.get('ypsiline-time')),
    body,
  });
  // what nobody signed is refused, and not kept: the receiver’s address is no secret
  if (!genuine)
    return refuse(401, 'This request isn’t signed with its web hook’s secret, or the signature is too old.');
  await database()`select receive(${hook}, ${body}, true)`;
  return Response.json({});
});
