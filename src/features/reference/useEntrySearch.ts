'use client';
import { useDeferredValue, useState } from 'react';
import useSWR from 'swr';
import { api } from '@/api/client';
import { entryPage } from '@/core/reference/search';
import type { EntryFilter, FoundEntries } from '@/core/reference/search';

const none: FoundEntries = { found: [], fits: 0, total: 0 };

/**
 * A search in the reference: what fits, as much of it as is wanted. What was found stays until the next answer is there.
 *
 * @param open the entry whose page is open: the list begins far enough to hold it
 */
export function useEntrySearch(open: string | undefined) {
  const [words, setWords] = useState('');
  const [show, setShow] = useState<EntryFilter>('all');
  const [many, setMany] = useState(entryPage);
  // Where the list was opened first; it stays as long as it is while others are opened from it.
  const [first] = useState(open);
  const asked = useDeferredValue(words.trim());
  const {
    data = none,
    error,
    isValidating,
  } = useSWR<FoundEntries, Error>(
    ['reference', asked, show, many, first],
    () => api.findReference({ words: asked, show, many, ...(first === undefined ? {} : { open: first }) }),
    { revalidateOnFocus: false, keepPreviousData: true },
  );
  const anew =
    <T>(set: (value: T) => void) =>
    (value: T) => {
      set(value);
      setMany(entryPage);
    };
  return {
    words,
    setWords: anew(setWords),
    show,
    setShow: anew(setShow),
    ...data,
    isThere: data !== none,
    /** What is shown is not yet what was asked for. */
    busy: isValidating || asked !== words.trim(),
    error,
    more: () => setMany(data.found.length + entryPage),
  };
}
