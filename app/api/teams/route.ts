import { SAID } from '../../../core/limits';
import * as z from 'zod';
import { plainText } from '../../../core/spec/text-schema';
import { makeTeam } from '../../../server/team/teams';
import { accepted } from '../../answers';
import { forPeople } from '../../endpoint';

const wanted = z.object({
  name: z.string().trim().pipe(plainText(SAID.name, 'Enter a name, such as Harbour office.')),
});

export const POST = forPeople(
  { path: '/api/teams', does: 'Makes a team, whose owner is whoever makes it.', body: wanted, makes: true },
  async ({ db, person, body }) => {
    return { slug: accepted(await makeTeam(db, person.id, body.name)) };
  },
);
