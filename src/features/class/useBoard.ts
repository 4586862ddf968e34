'use client';
import { useMemo, useRef } from 'react';
import useSWR from 'swr';
import { api } from '@/api/client';
import { benchState } from '@/core/record/benchState';
import { classSettings } from '@/core/record/classSettings';
import { foldRecord } from '@/core/record/foldRecord';
import { headsOf, mergeBoard } from './mergeBoard';
import type { BenchBoard, ClassBoard } from '@/core/people/class';
import type { BenchState } from '@/core/record/benchState';
import type { ClassSettings } from '@/core/record/classSettings';
import type { Preparation } from '@/core/preparation/document';

const refreshMs = 2000;

/** A class kept up to date: only what is new is asked for, and only benches with news are computed anew. */
export function useBoard(first: ClassBoard) {
  const held = useRef(first);
  const fetchNews = async () => {
    held.current = mergeBoard(held.current, await api.board(first.id, headsOf(held.current)));
    return held.current;
  };
  const {
    data: board = first,
    mutate,
    error,
  } = useSWR<ClassBoard, Error>(['board', first.id], fetchNews, {
    refreshInterval: refreshMs,
    fallbackData: first,
    revalidateOnMount: true,
  });
  const settings = useMemo(() => classSettings(foldRecord(board.own.entries)), [board.own]);
  const lanes = useMemo(
    () => board.lanes.map((lane) => ({ lane, state: stateOf(board.doc, lane, settings) })),
    [board, settings],
  );
  return { board, settings, lanes, refresh: () => mutate(), failed: error !== undefined };
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
