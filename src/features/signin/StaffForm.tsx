'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';

/** Name and password of a coordinator or demonstrator. */
export function StaffForm({
  busy,
  onEnter,
}: {
  readonly busy: boolean;
  readonly onEnter: (credentials: Readonly<Record<string, string>>) => Promise<void>;
}) {
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        void onEnter({ as: 'staff', name: name.trim(), password });
      }}
    >
      <Form.Group controlId="staff-name" className="mb-3">
        <Form.Label>Name</Form.Label>
        <Form.Control
          autoComplete="username"
          value={name}
          required
          maxLength={60}
          onChange={(event) => setName(event.target.value)}
        />
      </Form.Group>
      <Form.Group controlId="staff-password" className="mb-3">
        <Form.Label>Password</Form.Label>
        <Form.Control
          type="password"
          autoComplete="current-password"
          value={password}
          required
          maxLength={200}
          onChange={(event) => setPassword(event.target.value)}
        />
      </Form.Group>
      <Button type="submit" className="w-100" disabled={busy}>
        Sign in
      </Button>
    </Form>
  );
}
