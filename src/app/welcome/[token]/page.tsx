import { WelcomeScreen } from '@/features/account/WelcomeScreen';
import { currentOrigin } from '@/server/origin';
import { linkOwner } from '@/server/accounts';

export const metadata = { title: 'Welcome', referrer: 'no-referrer' as const };

export default async function WelcomePage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const name = /^[\w-]{32}$/.test(token) ? await linkOwner(token, await currentOrigin()) : undefined;
  return <WelcomeScreen token={token} {...(name === undefined ? {} : { name })} />;
}
