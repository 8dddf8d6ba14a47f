import * as z from 'zod';
import { type Deed, DEEDS, type LogQuestion } from '../server/team/log';

const question = z.object({
  person: z
    .string()
    .regex(/^\d{1,18}$/)
    .nullable()
    .catch(null)
    .default(null),
  action: z
    .enum(Object.keys(DEEDS) as [Deed, ...Deed[]])
    .nullable()
    .catch(null)
    .default(null),
  before: z.coerce.date().min(new Date('2000-01-01')).max(new Date('2999-12-31')).nullable().catch(null).default(null),
});

/** What an address asks of the log; what makes no sense there is left aside. */
export function logQuestion(asked: Record<string, unknown>): LogQuestion {
  return question.parse(asked);
}
