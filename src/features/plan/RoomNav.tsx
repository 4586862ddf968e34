'use client';
import { roomOf, rooms } from './rooms';
import { usePlanView } from '@/components/plan/planView';
import type { Room } from './rooms';

/** Doors to the rooms of a plan, with how much deserves attention behind each. */
export function RoomNav({
  room,
  href,
  goTo,
}: {
  readonly room: Room;
  readonly href: (room: Room) => string;
  readonly goTo: (room: Room) => void;
}) {
  const { plan } = usePlanView();
  const grave = plan.findings.filter(({ severity }) => severity !== 'note');
  return (
    <nav className="room-nav" aria-label="Rooms of the plan">
      {(Object.keys(rooms) as Room[]).map((one) => {
        const count = grave.filter(({ about }) => roomOf(about) === one).length;
        return (
          <a
            key={one}
            href={href(one)}
            aria-current={one === room ? 'page' : undefined}
            onClick={(event) => {
              if (event.metaKey || event.ctrlKey || event.shiftKey || event.button !== 0) return;
              event.preventDefault();
              goTo(one);
            }}
          >
            {rooms[one].label}
            {count > 0 && (
              <span className="room-count" title={`${String(count)} to look at`}>
                {count}
              </span>
            )}
          </a>
        );
      })}
    </nav>
  );
}
