import { redirect } from 'next/navigation';
import { SignIn } from '@/features/signin/SignIn';
import { config } from '@/server/config';
import { homeOf } from '@/server/page';
import { currentIdentity } from '@/server/sessions';

export const metadata = { title: 'Sign in' };

export default async function SignInPage() {
  const identity = await currentIdentity();
  if (identity) redirect(homeOf(identity));
  return <SignIn demo={config.demo} />;
}
