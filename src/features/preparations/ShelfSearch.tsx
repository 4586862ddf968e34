'use client';
import Form from 'react-bootstrap/Form';
import { levelWords } from './levelWords';
import { OperationOptions } from '@/components/OperationOptions';
import { lengths, levels } from '@/core/library/stored';
import type { LearnerLevel, ShelfQuery } from '@/core/library/stored';

const lengthWords = { short: 'up to 1½ hours', period: 'one period of 3 hours', more: 'more than a period' } as const;
type Change = { readonly [K in keyof ShelfQuery]?: ShelfQuery[K] | undefined };

/** Looks for preparations by words, operation, level, length and tag. */
export function ShelfSearch({
  query,
  tags,
  look,
}: {
  readonly query: ShelfQuery;
  readonly tags: readonly string[];
  readonly look: (change: Change) => void;
}) {
  return (
    <Form
      className="library-search"
      role="search"
      aria-label="Preparations"
      onSubmit={(event) => event.preventDefault()}
    >
      <Form.Control
        type="search"
        aria-label="Search by name, substance or technique"
        placeholder="Name, substance or technique"
        maxLength={200}
        defaultValue={query.words ?? ''}
        onChange={(event) => look({ words: event.target.value || undefined })}
      />
      <Form.Select
        aria-label="Technique"
        value={query.operation ?? ''}
        onChange={(event) => look({ operation: event.target.value || undefined })}
      >
        <option value="">any technique</option>
        <OperationOptions />
      </Form.Select>
      <Form.Select
        aria-label="Level"
        value={query.level ?? ''}
        onChange={(event) => look({ level: (event.target.value || undefined) as LearnerLevel | undefined })}
      >
        <option value="">any level</option>
        {levels.map((one) => (
          <option key={one} value={one}>
            {levelWords[one]}
          </option>
        ))}
      </Form.Select>
      <Form.Select
        aria-label="Length"
        value={query.length ?? ''}
        onChange={(event) => look({ length: lengths.find((one) => one === event.target.value) })}
      >
        <option value="">any length</option>
        {lengths.map((one) => (
          <option key={one} value={one}>
            {lengthWords[one]}
          </option>
        ))}
      </Form.Select>
      <div className="library-tags" role="group" aria-label="Tags">
        {tags.map((tag) => (
          <button
            key={tag}
            type="button"
            aria-pressed={query.tag === tag}
            onClick={() => look({ tag: query.tag === tag ? undefined : tag })}
          >
            {tag}
          </button>
        ))}
        <button
          type="button"
          aria-pressed={query.archived === true}
          onClick={() => look({ archived: query.archived ? undefined : true })}
        >
          put away
        </button>
      </div>
    </Form>
  );
}
