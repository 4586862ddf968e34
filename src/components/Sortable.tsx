'use client';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useMemo } from 'react';
import type { CSSProperties, PointerEvent, ReactNode } from 'react';
import type { DragEndEvent } from '@dnd-kit/core';

// So far a finger or a mouse moves before it drags: a tap stays a tap.
const slack_px = 6;

// What is dragged in from outside the list.
const fresh = 'new:';

/**
 * A list whose items are moved by drag or by keys: Space takes one up, arrows move it, Space puts it down, Escape puts it back.
 *
 * @param onMove is told which item was put in the place of which
 * @param onInsert is told what was dropped in from a {@link useNewItem}, and before which item
 */
export function Sortable({
  id,
  items,
  onMove,
  onInsert,
  children,
}: {
  /** The same on the server and in the browser. */
  readonly id: string;
  readonly items: readonly string[];
  readonly onMove: (item: string, over: string) => void;
  readonly onInsert?: (what: string, before: string) => void;
  readonly children: ReactNode;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: slack_px } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  // The same list for as long as its order is the same: its items are drawn anew with it.
  const order = items.join(' ');
  const kept = useMemo(() => (order === '' ? [] : order.split(' ')), [order]);
  const end = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return;
    const [item, place] = [String(active.id), String(over.id)];
    if (!item.startsWith(fresh)) onMove(item, place);
    else onInsert?.(item.slice(fresh.length), place);
  };
  return (
    <DndContext id={id} sensors={sensors} collisionDetection={closestCenter} onDragEnd={end}>
      <SortableContext items={kept} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

/** What an item of a {@link Sortable} needs: where it is put, and its handle. */
export function useSortableItem(id: string, label: string, disabled = false) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id, disabled });
  const style: CSSProperties = {
    transform: CSS.Translate.toString(transform),
    ...(transition ? { transition } : {}),
    ...(isDragging ? { position: 'relative', zIndex: 3 } : {}),
  };
  const handle = disabled ? null : (
    <button type="button" className="drag-handle" aria-label={`Drag ${label}`} {...attributes} {...listeners}>
      <svg width="10" height="16" viewBox="0 0 10 16" fill="currentColor" aria-hidden="true">
        {[3, 8, 13].flatMap((y) =>
          [2, 8].map((x) => <circle key={`${String(x)} ${String(y)}`} cx={x} cy={y} r="1.4" />),
        )}
      </svg>
    </button>
  );
  return { ref: setNodeRef, style, handle, isDragging };
}

/** What a button needs that can be dragged into a {@link Sortable}; a tap stays a tap, and keys go to the button. */
export function useNewItem(what: string) {
  const { listeners, setNodeRef, transform, isDragging } = useDraggable({ id: `${fresh}${what}` });
  const style: CSSProperties = isDragging
    ? { transform: CSS.Translate.toString(transform), position: 'relative', zIndex: 3 }
    : {};
  const onPointerDown = listeners?.['onPointerDown'] as ((event: PointerEvent) => void) | undefined;
  return { ref: setNodeRef, style, ...(onPointerDown ? { onPointerDown } : {}) };
}
