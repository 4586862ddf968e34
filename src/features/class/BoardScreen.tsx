'use client';
import { useMemo, useState } from 'react';
import useSWR from 'swr';
import { ulid } from 'ulid';
import { api, ApiError } from '@/api/client';
import { Shell } from '@/components/Shell';
import { benchState } from '@/core/record/benchNeed';
import { Lane } from './Lane';
import type { ClassBoard } from '@/core/people/class';
import type { Identity } from '@/core/people/identity';
import type { Body } from '@/core/record/entry';

const refreshMs = 2000;
const order = { stop: 0, signature: 1, caution: 2, nothing: 3 } as const;

/** All benches of a class in walking order: where each is, what it needs and since when. */
export function BoardScreen({ identity, first }: { readonly identity: Identity; readonly first: ClassBoard }) {
  const {
    data = first,
    mutate,
    error,
  } = useSWR<ClassBoard, Error>(['board', first.id], () => api.board(first.id), {
    refreshInterval: refreshMs,
    fallbackData: first,
    revalidateOnMount: true,
  });
  const [open, setOpen] = useState<string | undefined>(undefined);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const lanes = useMemo(() => data.lanes.map((lane) => ({ lane, state: benchState(data.doc, lane.entries) })), [data]);
  const waiting = lanes
    .filter(({ state }) => state.need.kind !== 'nothing')
    .sort((a, b) => order[a.state.need.kind] - order[b.state.need.kind]);
  const send = async (log: string, body: Body) => {
    const now = new Date().toISOString();
    const saw = data.lanes.find((lane) => lane.log === log)?.entries.at(-1)?.seq ?? 0;
    try {
      await api.sendDraft({ id: ulid(), v: 1, log, body, at: now, deviceAt: now, device: 'browser', saw });
      setProblem(undefined);
    } catch (failure) {
      setProblem(failure instanceof ApiError ? failure.message : 'It could not be stored. Try again.');
    }
    await mutate();
  };
  return (
    <Shell identity={identity} crumb={data.name}>
      <div className="page board-page">
        <header className="board-head">
          <h1>{data.name}</h1>
          <p>
            {data.doc.title} · join code <strong className="num">{data.joinCode}</strong> ·{' '}
            {waiting.length === 0
              ? 'nobody waits'
              : `${waiting.length} of ${lanes.length} ${waiting.length === 1 ? 'needs' : 'need'} you, ${waiting[0]?.lane.bench} first`}
          </p>
        </header>
        {(problem ?? error) && (
          <p className="banner banner-stop" role="alert">
            {problem ?? 'No connection: this is the state of the last answer.'}
          </p>
        )}
        <ol className="lanes">
          {lanes.map(({ lane, state }) => (
            <Lane
              key={lane.log}
              lane={lane}
              state={state}
              doc={data.doc}
              open={open === lane.log}
              onToggle={() => setOpen((now) => (now === lane.log ? undefined : lane.log))}
              onAdd={(body) => void send(lane.log, body)}
            />
          ))}
        </ol>
      </div>
    </Shell>
  );
}
