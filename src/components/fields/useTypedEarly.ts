import { useEffect, useRef } from 'react';

/**
 * For a field that the server painted: on a slow tablet a person types into it before the page has come alive. What stands there
 * then counts.
 *
 * @param onTyped as from a `useState`: the same function at every painting
 */
export function useTypedEarly<E extends HTMLInputElement | HTMLTextAreaElement = HTMLInputElement>(
  onTyped: (text: string) => void,
) {
  const field = useRef<E>(null);
  useEffect(() => {
    const typed = field.current?.value;
    if (typed) onTyped(typed);
  }, [onTyped]);
  return field;
}
