'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Alert from 'react-bootstrap/Alert';
import Button from 'react-bootstrap/Button';
import { api, ApiError } from '@/api/client';
import { forgetPages } from '@/api/offline';
import { Logo } from '@/components/Logo';
import { ThemeSwitch } from '@/components/ThemeSwitch';
import { GroupForm } from './GroupForm';
import { StaffForm } from './StaffForm';
import { WaitingNote } from './WaitingNote';
import type { Card } from './GroupForm';

const demoRoles = [
  { role: 'coordinator', label: 'Coordinator', does: 'plans and scales' },
  { role: 'demonstrator', label: 'Demonstrator', does: 'walks the benches' },
  { role: 'group', label: 'Group Avocet', does: 'stands at a bench' },
] as const;

/** The first screen: groups join with code and PIN, staff with a password, visitors of the demo with one tap. */
export function SignIn({ demo, card }: { readonly demo: boolean; readonly card?: Card }) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const [door, setDoor] = useState<'group' | 'staff'>('group');
  const enter = async (credentials: Readonly<Record<string, string>>) => {
    setBusy(true);
    setProblem(undefined);
    try {
      await api.signIn(credentials);
      await forgetPages();
      router.replace('/');
      router.refresh();
    } catch (error) {
      setProblem(error instanceof ApiError ? error.message : 'Signing in failed.');
      setBusy(false);
    }
  };
  return (
    <main className="sign-in">
      <div className="sign-in-theme">
        <ThemeSwitch />
      </div>
      <header>
        <Logo size={72} />
        <h1>Mozle</h1>
        <p>Small-scale syntheses, from the plan to the vial.</p>
      </header>
      <section className="sign-in-card card-plain">
        {demo && (
          <div className="demo-doors">
            <h2>Try the demo as</h2>
            {demoRoles.map(({ role, label, does }) => (
              <Button key={role} variant="line" disabled={busy} onClick={() => void enter({ as: 'demo', role })}>
                <strong>{label}</strong>
                <small>{does}</small>
              </Button>
            ))}
          </div>
        )}
        <div className="door-tabs" role="group" aria-label="Who signs in">
          <Button
            variant={door === 'group' ? 'choice' : 'quiet'}
            aria-pressed={door === 'group'}
            onClick={() => setDoor('group')}
          >
            A group at its bench
          </Button>
          <Button
            variant={door === 'staff' ? 'choice' : 'quiet'}
            aria-pressed={door === 'staff'}
            onClick={() => setDoor('staff')}
          >
            Staff
          </Button>
        </div>
        <WaitingNote />
        {problem && (
          <Alert variant="danger" className="sign-in-problem">
            {problem}
          </Alert>
        )}
        {door === 'group' ? (
          <GroupForm busy={busy} onEnter={enter} onProblem={setProblem} card={card} />
        ) : (
          <StaffForm busy={busy} onEnter={enter} />
        )}
      </section>
    </main>
  );
}
