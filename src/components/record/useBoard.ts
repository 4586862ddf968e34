'use client';
import { useEffect, useMemo, useRef, useState } from 'react';
import useSWR from 'swr';
import { api } from '@/api/client';
import { benchState } from '@/core/bench/benchState';
import { classState } from '@/core/record/classState';
import { followFeed } from '@/api/feed';
import { markOf } from '@/core/record/mark';
import { addEntries, marksOf, mergeBoard } from './mergeBoard';
import { learnClock } from '@/api/outbox/serverClock';
import type { BenchBoard, ClassBoard } from '@/core/people/class';
import type { BenchState } from '@/core/bench/benchState';
import type { ClassSettings } from '@/core/record/classSettings';
import type { Preparation } from '@/core/document/document';

/** How often the board asks by itself: often where the live feed is dead, else now and then, for the verified chains. */
const aloneMs = 2000;
const besideFeedMs = 20_000;

/** A class kept up to date: news come live, and only benches with news are computed anew. */
export function useBoard(first: ClassBoard) {
  const held = useRef(first);
  const [live, setLive] = useState(false);
  const fetchNews = async () => {
    const asked = Date.now();
    const news = await api.board(first.id, marksOf(held.current));
    learnClock({ asked, answered: Date.now(), server: Date.parse(news.now) });
    held.current = mergeBoard(held.current, news);
    return held.current;
  };
  const {
    data: board = first,
    mutate,
    error,
  } = useSWR<ClassBoard, Error>(['board', first.id], fetchNews, {
    refreshInterval: live ? besideFeedMs : aloneMs,
    fallbackData: first,
    revalidateOnMount: true,
  });
  useEffect(
    () =>
      followFeed({
        classId: first.id,
        marks: () => {
          const { own, lanes } = held.current;
          return new Map([own, ...lanes].map(({ log, entries }) => [log, markOf(entries)]));
        },
        on: (event) => {
          if (event.k !== 'entries') return;
          const next = addEntries(held.current, event.log, event);
          // A gap, or a bench that was added meanwhile: asked for as a whole.
          if (!next) return void mutate();
          held.current = next;
          void mutate(next, { revalidate: false });
        },
        onLive: (now) => {
          setLive(now);
          if (now) void mutate();
        },
      }),
    [first.id, mutate],
  );
  const state = useMemo(() => classState(board.own.entries), [board.own]);
  const lanes = useMemo(
    () => board.lanes.map((lane) => ({ lane, state: stateOf(board.doc, lane, state.settings) })),
    [board, state.settings],
  );
  return { board, ...state, lanes, refresh: () => mutate(), failed: error !== undefined };
}

const states = new WeakMap<BenchBoard, { readonly settings: ClassSettings; readonly state: BenchState }>();

/** State of a lane; a lane without news is the same object as before and is not computed again. */
function stateOf(doc: Preparation, lane: BenchBoard, settings: ClassSettings): BenchState {
  const before = states.get(lane);
  if (before?.settings === settings) return before.state;
  const state = benchState(doc, lane.entries, settings);
  states.set(lane, { settings, state });
  return state;
}
