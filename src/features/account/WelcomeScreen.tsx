'use client';
import { useRouter } from 'next/navigation';
import { api, ApiError } from '@/api/client';
import { Logo } from '@/components/Logo';
import { MessagePage } from '@/components/MessagePage';
import { NewPassword } from './NewPassword';

/** Where a one-time link leads: the first password, or a new one for somebody who lost it. */
export function WelcomeScreen({ token, name }: { readonly token: string; readonly name?: string }) {
  const router = useRouter();
  if (name === undefined)
    return (
      <MessagePage
        title="This link leads nowhere"
        text="It was used already, has expired, or was copied with a piece missing. Ask whoever runs Mozle for another."
        action={{ href: '/sign-in', label: 'Go to the sign-in' }}
      />
    );
  const send = async (password: string) => {
    try {
      await api.welcome(token, password);
    } catch (error) {
      return error instanceof ApiError ? error.message : 'The password could not be set.';
    }
    router.replace('/');
    router.refresh();
    return undefined;
  };
  return (
    <main className="sign-in">
      <header>
        <Logo size={72} />
        <h1>Mozle</h1>
        <p>Welcome, {name}. Choose the password with which you will sign in.</p>
      </header>
      <section className="sign-in-card card-plain">
        <NewPassword name={name} action="Set it and sign in" onSend={send} />
      </section>
    </main>
  );
}
