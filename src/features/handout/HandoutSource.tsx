'use client';
import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { api, ApiError } from '@/api/client';
import { FileButton } from '@/components/fields/FileButton';
import type { ReadFile } from '@/core/handout/readFile';

const largest = 5_000_000;

/** Where a handout's text comes from: pasted, dropped, or chosen as a file. */
export function HandoutSource({ onRead }: { readonly onRead: (read: ReadFile) => void }) {
  const id = useId();
  const [text, setText] = useState('');
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const read = async (body: string | ArrayBuffer) => {
    setBusy(true);
    setProblem(undefined);
    try {
      onRead(await api.readHandout(body));
    } catch (error) {
      setProblem(error instanceof ApiError ? error.message : 'It could not be read. Nothing was stored.');
      setBusy(false);
    }
  };
  const take = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > largest) return setProblem(`“${file.name}” is larger than ${String(largest / 1e6)} MB.`);
    await read(await file.arrayBuffer());
  };
  return (
    <Form
      className="handout-source"
      onSubmit={(event) => {
        event.preventDefault();
        void read(text);
      }}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        void take(event.dataTransfer.files[0]);
      }}
    >
      <h1>From a handout</h1>
      <p>
        Paste the text of your sheet, or drop it here as .txt, .md, .docx, or a PDF that holds text. It is read by
        rules, on this server; you see every number where it stands and confirm what is in doubt before anything is
        stored.
      </p>
      <Form.Group controlId={id}>
        <Form.Label visuallyHidden>Text of the handout</Form.Label>
        <Form.Control
          as="textarea"
          rows={16}
          value={text}
          placeholder="1. In the hood place 4.0 mL of glacial acetic acid and 2.0 mL of …"
          onChange={(event) => setText(event.target.value)}
        />
      </Form.Group>
      {problem && (
        <p className="typed-says" role="alert">
          {problem}
        </p>
      )}
      <div className="handout-actions">
        <Button type="submit" disabled={busy || text.trim() === ''}>
          {busy ? 'Reading …' : 'Read it'}
        </Button>
        <FileButton
          label="Choose a file"
          name="File of the handout"
          accept=".txt,.md,.docx,.pdf,text/plain,text/markdown,application/pdf"
          onChosen={(file) => void take(file)}
        />
      </div>
    </Form>
  );
}
