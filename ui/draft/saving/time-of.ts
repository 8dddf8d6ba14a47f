import { format } from 'date-fns/format';

/** A moment as the time of day, as its reader has it. */
export function timeOf(at: string): string {
  return format(new Date(at), 'HH:mm');
}
