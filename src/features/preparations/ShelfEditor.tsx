'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { levelWords } from './levelWords';
import { levels } from '@/core/library/stored';
import type { LearnerLevel, ShelfNote } from '@/core/library/stored';

/** Says what a preparation is filed under. */
export function ShelfEditor({
  shelf,
  onSave,
  onCancel,
}: {
  readonly shelf: ShelfNote;
  readonly onSave: (shelf: ShelfNote) => void;
  readonly onCancel: () => void;
}) {
  const [tags, setTags] = useState(shelf.tags.join(', '));
  const [level, setLevel] = useState<LearnerLevel | ''>(shelf.level ?? '');
  const list = [
    ...new Set(
      tags
        .split(',')
        .map((one) => one.trim())
        .filter(Boolean),
    ),
  ];
  const fault =
    list.length > 8
      ? 'At most 8 tags.'
      : list.some((one) => one.length > 40)
        ? 'A tag has at most 40 characters.'
        : undefined;
  return (
    <Form
      className="shelf-editor"
      onSubmit={(event) => {
        event.preventDefault();
        if (!fault) onSave({ tags: list, ...(level ? { level } : {}), archived: shelf.archived });
      }}
    >
      <Form.Control
        aria-label="Tags, with commas between"
        placeholder="amide, spring module"
        value={tags}
        onChange={(event) => setTags(event.target.value)}
      />
      <Form.Select
        aria-label="Level"
        value={level}
        onChange={(event) => setLevel(levels.find((one) => one === event.target.value) ?? '')}
      >
        <option value="">no level</option>
        {levels.map((one) => (
          <option key={one} value={one}>
            {levelWords[one]}
          </option>
        ))}
      </Form.Select>
      {fault && (
        <span className="typed-says" role="alert">
          {fault}
        </span>
      )}
      <span>
        <Button type="submit" size="sm" disabled={fault !== undefined}>
          Keep
        </Button>
        <Button size="sm" variant="quiet" onClick={onCancel}>
          Cancel
        </Button>
      </span>
    </Form>
  );
}
