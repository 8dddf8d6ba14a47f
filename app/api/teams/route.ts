import * as z from 'zod';
import { plainText } from '../../../core/spec/text-schema';
import { database } from '../../../server/database';
import { makeTeam } from '../../../server/teams';
import { askerOf, forPeople, readBody, refuse } from '../../answers';

const wanted = z.object({
  name: z.string().trim().pipe(plainText(80, 'A team needs a name, such as Harbour office.')),
});

/** Makes a team, whose owner is whoever makes it. */
export const POST = forPeople(async (person, request) => {
  const read = await readBody(request, wanted, 4096);
  if ('refusal' in read) return read.refusal;
  const made = await makeTeam(database(askerOf(person, request)), person.id, read.body.name);
  return made.problem === undefined ? Response.json({ slug: made.value }, { status: 201 }) : refuse(422, made.problem);
});
