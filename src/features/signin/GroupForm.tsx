'use client';
import { useEffect, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { api, ApiError } from '@/api/client';
import type { ClassDoor } from '@/core/people/class';

/** What the code on a bench card leads here with. */
export interface Card {
  readonly code: string;
  readonly bench?: string;
}

/** A group finds its class by the join code, taps its bench and types its PIN. */
export function GroupForm({
  busy,
  onEnter,
  onProblem,
  card,
}: {
  readonly busy: boolean;
  readonly onEnter: (credentials: Readonly<Record<string, string>>) => Promise<void>;
  readonly onProblem: (says: string | undefined) => void;
  readonly card: Card | undefined;
}) {
  const [joinCode, setJoinCode] = useState(card?.code.toUpperCase() ?? '');
  const [door, setDoor] = useState<ClassDoor | undefined>(undefined);
  const [bench, setBench] = useState<string | undefined>(undefined);
  const [pin, setPin] = useState('');
  // A code from the demonstrator has letters, a PIN has not: each gets its own keys.
  const [isAdmitted, setAdmitted] = useState(false);
  useEffect(() => {
    if (!card) return;
    // A card that leads nowhere: the code stands there to be looked at.
    void api.classDoor(card.code).then(
      (found) => {
        setDoor(found);
        setBench(found.benches.find((name) => name === card.bench));
      },
      () => undefined,
    );
  }, [card]);
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
        <Form.Label>{isAdmitted ? 'Code from the demonstrator' : 'PIN of the bench'}</Form.Label>
        <Form.Control
          key={isAdmitted ? 'code' : 'pin'}
          className="big-code"
          type={isAdmitted ? 'text' : 'password'}
          inputMode={isAdmitted ? 'text' : 'numeric'}
          autoCapitalize="characters"
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
      <Button
        variant="quiet"
        size="sm"
        className="mt-2"
        onClick={() => {
          setAdmitted(!isAdmitted);
          setPin('');
        }}
      >
        {isAdmitted ? 'Type the PIN instead' : 'I have a code from the demonstrator'}
      </Button>
    </Form>
  );
}
