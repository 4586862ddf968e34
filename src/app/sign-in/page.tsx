import { redirect } from 'next/navigation';
import { SignIn } from '@/features/signin/SignIn';
import { findInvitation } from '@/server/classes';
import { config } from '@/server/config';
import { currentOrigin } from '@/server/origin';
import { homeOf } from '@/server/page';
import { currentIdentity } from '@/server/sessions';

export const metadata = { title: 'Sign in' };

export default async function SignInPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ code?: string; bench?: string }>;
}) {
  const identity = await currentIdentity();
  if (identity) redirect(homeOf(identity));
  const { code, bench } = await searchParams;
  const invitation = typeof code === 'string' ? await findInvitation(code, await currentOrigin(), bench) : undefined;
  return <SignIn demo={config.demo} {...(invitation ? { invitation } : {})} />;
}
