'use client';
import { useEffect, useState } from 'react';

/**
 * The time, every second; nothing before the page has come alive, since the server's clock painted it.
 *
 * @param clock ms since 1970; a constant function, so that the ticking does not start anew
 */
export function useNow(clock: () => number = Date.now): number | undefined {
  const [now, setNow] = useState<number | undefined>(undefined);
  useEffect(() => {
    const tick = () => setNow(clock());
    const soon = setTimeout(tick);
    const timer = setInterval(tick, 1000);
    return () => {
      clearTimeout(soon);
      clearInterval(timer);
    };
  }, [clock]);
  return now;
}
