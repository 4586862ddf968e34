'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { passwordFault } from '@/core/people/password';
import type { ReactNode } from 'react';

/** A new password, typed twice; what is wrong with it is said before it is sent. */
export function NewPassword({
  name,
  action,
  ready = true,
  onSend,
  children,
}: {
  readonly name: string;
  readonly action: string;
  /** Whatever else is asked for has been given. */
  readonly ready?: boolean;
  /** @returns what the server says against it */
  readonly onSend: (password: string) => Promise<string | undefined>;
  readonly children?: ReactNode;
}) {
  const [first, setFirst] = useState('');
  const [second, setSecond] = useState('');
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const fault = first === '' ? undefined : passwordFault(first, name);
  const differs = second !== '' && first !== second;
  const send = async () => {
    setBusy(true);
    setProblem(await onSend(first));
    setBusy(false);
  };
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      {/* For password managers, which want to know whose it is. */}
      <input type="text" name="username" autoComplete="username" value={name} readOnly hidden />
      {children}
      <Form.Group controlId="new-password" className="mb-3">
        <Form.Label>New password</Form.Label>
        <Form.Control
          type="password"
          autoComplete="new-password"
          value={first}
          maxLength={200}
          aria-describedby="new-password-says"
          onChange={({ target }) => setFirst(target.value)}
        />
        <Form.Text id="new-password-says">{fault ?? 'At least 10 characters; a few words do well.'}</Form.Text>
      </Form.Group>
      <Form.Group controlId="same-password" className="mb-3">
        <Form.Label>The same again</Form.Label>
        <Form.Control
          type="password"
          autoComplete="new-password"
          value={second}
          maxLength={200}
          onChange={({ target }) => setSecond(target.value)}
        />
        {differs && <Form.Text>The two are not the same.</Form.Text>}
      </Form.Group>
      {problem !== undefined && (
        <p className="typed-says" role="alert">
          {problem}
        </p>
      )}
      <Button
        type="submit"
        className="w-100"
        disabled={busy || !ready || first === '' || fault !== undefined || first !== second}
      >
        {action}
      </Button>
    </Form>
  );
}
