'use client';
import { useCallback } from 'react';
import { usePathname } from 'next/navigation';
import { roomAt, rooms } from './rooms';
import type { Room } from './rooms';

/** The room that the address names, and the way to another: the plan stays as it is, nothing is asked of the server. */
export function useRoom(id: string): readonly [room: Room, goTo: (room: Room) => void, href: (room: Room) => string] {
  const room = roomAt(usePathname());
  const href = useCallback((to: Room) => `/preparations/${id}${rooms[to].path}`, [id]);
  const goTo = useCallback(
    (to: Room) => {
      if (to !== room) window.history.pushState(null, '', href(to));
      window.scrollTo({ top: 0 });
    },
    [room, href],
  );
  return [room, goTo, href];
}
