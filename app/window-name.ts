import * as z from 'zod';

/** The name that a window gives itself for one event stream. */
export const windowNameSchema = z
  .string('A window says its name: window=, 8 to 40 small letters and digits.')
  .regex(/^[a-z0-9]{8,40}$/, 'The name of a window is 8 to 40 small letters and digits.');
