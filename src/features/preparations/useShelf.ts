'use client';
import { useEffect, useRef, useState } from 'react';
import { api, ApiError } from '@/api/client';
import type { ShelfPage, ShelfQuery } from '@/core/library/stored';

// What is typed is looked for when the person pauses.
const pauseMs = 200;

/** The preparations that fit what is looked for, page by page. The answer to an older question never replaces that to a newer one. */
export function useShelf(first: ShelfPage) {
  const [query, setQuery] = useState<ShelfQuery>({});
  const [page, setPage] = useState(first);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const asked = useRef(0);
  const ask = async (wanted: ShelfQuery, before: ShelfPage['found']) => {
    const number = (asked.current += 1);
    try {
      const found = await api.findPreparations({ ...wanted, offset: before.length });
      if (number !== asked.current) return;
      setPage({ ...found, found: [...before, ...found.found] });
      setProblem(undefined);
    } catch (error) {
      if (number === asked.current)
        setProblem(error instanceof ApiError ? error.message : 'The list could not be read.');
    }
  };
  const waits = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(waits.current), []);
  const look = (change: { readonly [K in keyof ShelfQuery]?: ShelfQuery[K] | undefined }) => {
    const wanted = Object.fromEntries(
      Object.entries({ ...query, ...change }).filter(
        ([, value]) => value !== undefined && value !== '' && value !== false,
      ),
    ) as ShelfQuery;
    setQuery(wanted);
    clearTimeout(waits.current);
    waits.current = setTimeout(() => void ask(wanted, []), 'words' in change ? pauseMs : 0);
  };
  return { query, page, problem, look, more: () => ask(query, page.found), again: () => ask(query, []) };
}
