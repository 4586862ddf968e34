'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { api, ApiError } from '@/api/client';
import { blankPreparation } from '@/core/document/blank';
import { writePreparation } from '@/core/formats/writePreparation';

/** Begins a preparation from a blank page: only its name is needed to store it. */
export function NewPreparation() {
  const router = useRouter();
  const [title, setTitle] = useState('');
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const begin = async () => {
    setBusy(true);
    setProblem(undefined);
    try {
      const made = await api.createPreparation(writePreparation(blankPreparation(title.trim())));
      router.push(`/preparations/${made.id}`);
    } catch (error) {
      setProblem(error instanceof ApiError ? error.message : 'It could not be stored. Nothing was begun.');
      setBusy(false);
    }
  };
  return (
    <Form
      className="new-preparation card-plain"
      onSubmit={(event) => {
        event.preventDefault();
        void begin();
      }}
    >
      <Form.Group controlId="new-title">
        <Form.Label>Write your own: what is made, or taken apart?</Form.Label>
        <Form.Control
          value={title}
          maxLength={120}
          placeholder="Benzyl acetate"
          onChange={(event) => setTitle(event.target.value)}
        />
      </Form.Group>
      <Button type="submit" disabled={busy || title.trim() === ''}>
        {busy ? 'Storing …' : 'Begin from a blank page'}
      </Button>
      {problem && (
        <p className="typed-says" role="alert">
          {problem}
        </p>
      )}
    </Form>
  );
}
