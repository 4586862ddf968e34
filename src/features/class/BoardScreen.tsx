'use client';
import Link from 'next/link';
import { useState } from 'react';
import { benchNeed } from '@/core/bench/benchNeed';
import { ConventionWords } from '@/components/ConventionWords';
import { ClassSettingsPanel } from './ClassSettingsPanel';
import { Guard } from '@/components/Guard';
import { Lane } from './Lane';
import { NumbersNote } from './NumbersNote';
import { NeedQueue } from './NeedQueue';
import { PeriodPanel } from './PeriodPanel';
import { PlainRecord } from '@/components/PlainRecord';
import { sendEntry } from './sendEntry';
import { serverNow } from '@/api/outbox/serverClock';
import { Shell } from '@/components/Shell';
import { useBoard } from '@/components/record/useBoard';
import { useNow } from '@/components/useNow';
import type { Body } from '@/core/record/entry';
import type { ClassBoard } from '@/core/people/class';
import type { Identity } from '@/core/identity';

const order = { stop: 0, signature: 1, late: 2, caution: 3, nothing: 4 } as const;

/** All benches of a class in walking order: where each is, what it needs and since when. */
export function BoardScreen({ identity, first }: { readonly identity: Identity; readonly first: ClassBoard }) {
  const { board, settings, periods, lanes, refresh, failed } = useBoard(first);
  const now = useNow(serverNow);
  const [open, setOpen] = useState<string | undefined>(undefined);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  // Before the page has come alive there is no now: timers count as not yet late.
  const needs = lanes.map(({ lane, state }) => ({ lane, state, need: benchNeed(state, now ?? 0) }));
  const waiting = needs
    .filter(({ need }) => need.kind !== 'nothing')
    .sort((a, b) => order[a.need.kind] - order[b.need.kind] || (a.need.since ?? '').localeCompare(b.need.since ?? ''));
  const show = (log: string) => {
    setOpen(log);
    document.getElementById(`lane-${log}`)?.scrollIntoView({ block: 'center' });
  };
  const send = async (log: string, body: Body) => {
    setProblem(await sendEntry(board, identity.id, log, body));
    await refresh();
  };
  return (
    <Shell identity={identity} crumb={board.name}>
      <div className="page board-page">
        <header className="board-head">
          <h1>{board.name}</h1>
          <p>
            {board.doc.title} · join code <strong className="num">{board.joinCode}</strong> ·{' '}
            {waiting.length === 0
              ? 'nobody waits'
              : `${waiting.length} of ${lanes.length} ${waiting.length === 1 ? 'needs' : 'need'} you, ${waiting[0]?.lane.bench} first`}{' '}
            · <Link href={`/classes/${board.id}/results`}>Results of the class</Link> ·{' '}
            <Link href={`/classes/${board.id}/roster`}>Roster and PINs</Link> ·{' '}
            <a href={`/api/v1/classes/${board.id}/record`}>Save the record</a>
          </p>
        </header>
        {(problem !== undefined || failed) && (
          <p className="banner banner-stop" role="alert">
            {problem ?? 'No connection: this is the state of the last answer.'}
          </p>
        )}
        {board.spaceLeft_MB !== undefined && (
          <p className="banner banner-stop" role="alert">
            The server’s disk is nearly full: {board.spaceLeft_MB} MB left. Tell whoever runs it, before entries cannot
            be stored.
          </p>
        )}
        <NumbersNote numbers={board.numbers} />
        {board.own.fault && (
          <p className="banner banner-stop" role="alert">
            The class’s own record is broken: {board.own.fault}.
          </p>
        )}
        <div className="board-top">
          <PeriodPanel periods={periods} onAdd={(body) => void send(board.own.log, body)} />
          <ClassSettingsPanel settings={settings} onAdd={(body) => void send(board.own.log, body)} />
        </div>
        <NeedQueue waiting={waiting} onOpen={show} />
        <ConventionWords doc={board.doc} />
        <ol className="lanes">
          {needs.map(({ lane, state, need }) => (
            <Guard
              key={lane.log}
              of={lane.entries.length}
              fallback={
                <li className="lane card-plain">
                  <PlainRecord
                    title={`${lane.bench} cannot be shown`}
                    entries={lane.entries}
                    identity={identity}
                    onAdd={(body) => void send(lane.log, body)}
                  />
                </li>
              }
            >
              <Lane
                lane={lane}
                identity={identity}
                since={board.since}
                classId={board.id}
                periods={periods}
                state={state}
                need={need}
                now={now}
                open={open === lane.log}
                onToggle={() => setOpen((before) => (before === lane.log ? undefined : lane.log))}
                onAdd={(body) => void send(lane.log, body)}
              />
            </Guard>
          ))}
        </ol>
      </div>
    </Shell>
  );
}
