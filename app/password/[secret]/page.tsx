import type { Metadata } from 'next';
import { database } from '../../../server/database/database';
import { closedPasswordLink, passwordLinkBy } from '../../../server/team/password-links';
import { SHORTEST_PASSWORD } from '../../../server/sign-in/sessions';
import { NewPasswordPage } from '../../../ui/account/new-password-page';
import { isPlain } from '../../answers';

type Props = { params: Promise<{ secret: string }> };

export const metadata: Metadata = { title: 'New password', robots: { index: false } };

/** Choosing a new password by a link from an owner. */
export default async function Page({ params }: Props) {
  const { secret } = await params;
  const link = isPlain(secret) ? await passwordLinkBy(database(), secret) : null;
  return (
    <NewPasswordPage
      secret={secret}
      link={link && { ...link }}
      closed={closedPasswordLink(link)}
      shortest={SHORTEST_PASSWORD}
    />
  );
}
