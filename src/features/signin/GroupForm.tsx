'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { api, ApiError } from '@/api/client';
import type { ClassDoor, Invitation } from '@/core/people/class';

/** A group finds its class by the join code, taps its bench and types its PIN. */
export function GroupForm({
  busy,
  onEnter,
  onProblem,
  invitation,
}: {
  readonly busy: boolean;
  readonly onEnter: (credentials: Readonly<Record<string, string>>) => Promise<void>;
  readonly onProblem: (says: string | undefined) => void;
  readonly invitation: Invitation | undefined;
}) {
  const [joinCode, setJoinCode] = useState(invitation?.joinCode ?? '');
  const [door, setDoor] = useState<ClassDoor | undefined>(invitation?.door);
  const [bench, setBench] = useState<string | undefined>(invitation?.bench);
  const [pin, setPin] = useState('');
  const find = async () => {
    onProblem(undefined);
    try {
      setDoor(await api.classDoor(joinCode));
    } catch (error) {
      onProblem(error instanceof ApiError ? error.message : 'The class could not be found.');
    }
  };
  if (!door) {
    return (
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          void find();
        }}
      >
        <Form.Group controlId="join-code" className="mb-3">
          <Form.Label>Join code of the class</Form.Label>
          <Form.Control
            className="big-code"
            autoComplete="off"
            autoCapitalize="characters"
            value={joinCode}
            required
            maxLength={6}
            onChange={(event) => setJoinCode(event.target.value.toUpperCase())}
          />
        </Form.Group>
        <Button type="submit" className="w-100" disabled={busy || joinCode.trim() === ''}>
          Find the class
        </Button>
      </Form>
    );
  }
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        if (bench) void onEnter({ as: 'group', joinCode, bench, pin });
      }}
    >
      <p className="door-class">
        {door.name}
        <Button variant="quiet" size="sm" onClick={() => setDoor(undefined)}>
          Another class
        </Button>
      </p>
      <div className="bench-choice" role="group" aria-label="Your bench">
        {door.benches.map((name) => (
          <Button
            key={name}
            variant={bench === name ? 'choice' : 'line'}
            aria-pressed={bench === name}
            onClick={() => setBench(name)}
          >
            {name}
          </Button>
        ))}
      </div>
      <Form.Group controlId="bench-pin" className="mb-3">
        <Form.Label>PIN of the bench</Form.Label>
        <Form.Control
          className="big-code"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          value={pin}
          required
          maxLength={12}
          onChange={(event) => setPin(event.target.value)}
        />
      </Form.Group>
      <Button type="submit" className="w-100" disabled={busy || !bench || pin === ''}>
        {bench ? `Start at ${bench}` : 'Choose your bench'}
      </Button>
    </Form>
  );
}
