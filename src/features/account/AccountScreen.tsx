'use client';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { api, ApiError } from '@/api/client';
import { NewPassword } from './NewPassword';
import { Shell } from '@/components/Shell';
import type { Identity } from '@/core/identity';

/** One's own account: a new password, which ends every other session. */
export function AccountScreen({ identity }: { readonly identity: Identity }) {
  const [now, setNow] = useState('');
  const [done, setDone] = useState(0);
  const send = async (next: string) => {
    try {
      await api.changePassword(now, next);
    } catch (error) {
      return error instanceof ApiError ? error.message : 'The password could not be changed.';
    }
    setNow('');
    setDone((before) => before + 1);
    return undefined;
  };
  return (
    <Shell identity={identity} crumb="Your account">
      <div className="page account-page">
        <header className="board-head">
          <h1>{identity.name}</h1>
          <p>
            You are a {identity.role}. Whoever runs Mozle makes and closes accounts and gives a new link to somebody who
            lost a password.
          </p>
        </header>
        <section className="card-plain account-card" aria-label="Change your password">
          <h2>Change your password</h2>
          {done > 0 && (
            <p className="banner banner-note" role="status">
              Changed. Every other device on which you were signed in is signed out.
            </p>
          )}
          <NewPassword key={done} name={identity.name} action="Change it" ready={now !== ''} onSend={send}>
            <Form.Group controlId="present-password" className="mb-3">
              <Form.Label>Present password</Form.Label>
              <Form.Control
                type="password"
                autoComplete="current-password"
                value={now}
                maxLength={200}
                onChange={({ target }) => setNow(target.value)}
              />
            </Form.Group>
          </NewPassword>
        </section>
      </div>
    </Shell>
  );
}
