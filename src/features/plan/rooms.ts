import type { Place } from '@/core/finding/finding';

/** Rooms of a plan, each at its own address under the preparation's. */
export const rooms = {
  charge: { path: '', label: 'Reaction & charge' },
  procedure: { path: '/procedure', label: 'Procedure' },
  process: { path: '/process', label: 'Process' },
  safety: { path: '/safety', label: 'Hazards & waste' },
} as const;
export type Room = keyof typeof rooms;

/** The room at an address. */
export function roomAt(pathname: string | null): Room {
  const found = (Object.keys(rooms) as Room[]).find(
    (room) => rooms[room].path !== '' && pathname?.endsWith(rooms[room].path),
  );
  return found ?? 'charge';
}

/** Where something that a finding is about is put right. */
export function roomOf({ line, step, field }: Place): Room {
  if (line === undefined && (step !== undefined || field === 'steps' || field === 'runs')) return 'procedure';
  return 'charge';
}
