'use client';
import { dayOf } from '@/components/dates';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { api, ApiError } from '@/api/client';
import { OperationSign } from '@/components/OperationSign';
import { hoursAndMinutes } from '@/components/timeText';
import { levelWords } from './levelWords';
import { ShelfEditor } from './ShelfEditor';
import type { PreparationSummary } from '@/core/library/stored';

// More are told in words.
const mostSigns = 9;

/** A preparation in the library: what is made, how much, how long, by which techniques, and how it went the last time. */
export function PreparationCard({
  one,
  mayEdit,
  onChanged,
}: {
  readonly one: PreparationSummary;
  readonly mayEdit: boolean;
  readonly onChanged: () => Promise<void>;
}) {
  const router = useRouter();
  const [editing, setEditing] = useState(false);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const { id, title, card, shelf, version, updatedAt, lastRun } = one;
  const attempt = (work: () => Promise<unknown>) =>
    work().catch((error: unknown) => setProblem(error instanceof ApiError ? error.message : 'It could not be stored.'));
  const more = card.techniques.length - mostSigns;
  return (
    <li className="card-plain preparation">
      <h2>
        <Link href={`/preparations/${id}`}>{title}</Link>
      </h2>
      <p className="preparation-facts">
        {card.makes && <span>{card.makes}</span>}
        {card.scale && <span className="num">from {card.scale}</span>}
        {card.steps > 0 && <span className="num">about {hoursAndMinutes(card.minutes)}</span>}
        {card.stops > 0 && (
          <span>
            {card.stops} safe stop{card.stops === 1 ? '' : 's'}
          </span>
        )}
      </p>
      <p className="preparation-signs">
        {card.techniques.slice(0, mostSigns).map(({ op, title: technique, sign }) => (
          <OperationSign key={op} sign={sign} label={technique} />
        ))}
        {more > 0 && <span>and {more} more</span>}
      </p>
      {card.summary && <p className="preparation-summary">{card.summary}</p>}
      <p className="preparation-tags">
        {shelf.level && <span>{levelWords[shelf.level]}</span>}
        {shelf.tags.map((tag) => (
          <span key={tag}>{tag}</span>
        ))}
      </p>
      <small>
        {lastRun ? (
          <>
            Last run: <Link href={`/classes/${lastRun.classId}`}>{lastRun.name}</Link>, {dayOf(lastRun.at)} ·{' '}
            {lastRun.finished} of {lastRun.benches} benches done
            {lastRun.median !== undefined && <> · median {Math.round(lastRun.median * 100)} %</>}
          </>
        ) : (
          'Not run yet'
        )}
        {' · '}version {version}, {dayOf(updatedAt)}
      </small>
      {mayEdit && !editing && (
        <div className="preparation-tools">
          <Button
            size="sm"
            variant="quiet"
            onClick={() => void attempt(async () => router.push(`/preparations/${(await api.copyPreparation(id)).id}`))}
          >
            Copy
          </Button>
          <Button size="sm" variant="quiet" onClick={() => setEditing(true)}>
            Tags
          </Button>
          <Button
            size="sm"
            variant="quiet"
            onClick={() =>
              void attempt(async () => {
                await api.setShelf(id, { ...shelf, archived: !shelf.archived });
                await onChanged();
              })
            }
          >
            {shelf.archived ? 'Take it out again' : 'Put away'}
          </Button>
        </div>
      )}
      {editing && (
        <ShelfEditor
          shelf={shelf}
          onCancel={() => setEditing(false)}
          onSave={(next) =>
            void attempt(async () => {
              await api.setShelf(id, next);
              setEditing(false);
              await onChanged();
            })
          }
        />
      )}
      {problem && (
        <p className="typed-says" role="alert">
          {problem}
        </p>
      )}
    </li>
  );
}
