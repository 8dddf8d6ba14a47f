import { Bench } from '../../../../ui/bench/bench';
import { signedInPerson } from '../../../asker';

type Props = { params: Promise<{ team: string; spec: string }> };

/** The bench of a spec. */
export default async function Page({ params }: Props) {
  const { team, spec } = await params;
  const person = await signedInPerson(`/${team}/${spec}`);
  return <Bench person={person.name} />;
}
