import { WelcomeScreen } from '@/features/account/WelcomeScreen';
import { enterOpenPage } from '@/server/page';
import { ownerOfLink } from '@/server/accounts';

export const metadata = { title: 'Welcome', referrer: 'no-referrer' as const };

export default async function WelcomePage({ params }: { readonly params: Promise<{ token: string }> }) {
  await enterOpenPage('PAGE /welcome/[token]');
  const { token } = await params;
  const name = /^[\w-]{32}$/.test(token) ? await ownerOfLink(token) : undefined;
  return <WelcomeScreen token={token} {...(name === undefined ? {} : { name })} />;
}
