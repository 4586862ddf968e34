import { redirect } from 'next/navigation';
import { SignIn } from '@/features/signin/SignIn';
import { config } from '@/server/config';
import { enterOpenPage, homeOf } from '@/server/page';

export const metadata = { title: 'Sign in' };

export default async function SignInPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ code?: string; bench?: string }>;
}) {
  const identity = await enterOpenPage('PAGE /sign-in');
  if (identity) redirect(homeOf(identity));
  // The page itself asks for the class of a card's code: one that somebody else's page leads here must cost no try.
  const { code, bench } = await searchParams;
  const card = typeof code === 'string' ? { code, ...(typeof bench === 'string' ? { bench } : {}) } : undefined;
  return <SignIn demo={config.demo} {...(card ? { card } : {})} />;
}
