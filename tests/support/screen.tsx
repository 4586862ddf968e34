import { fireEvent, render, screen } from '@testing-library/react';
import type { ReactElement } from 'react';
import type { Body } from '@/core/record/entry';

// The test's document has no layout to scroll and no media to ask.
Element.prototype.scrollIntoView = () => undefined;
window.matchMedia = ((media: string) => ({
  media,
  matches: false,
  addEventListener: () => undefined,
  removeEventListener: () => undefined,
  addListener: () => undefined,
  removeListener: () => undefined,
})) as never;

/** Renders a part of the interface that records entries, and collects what it records. */
export function recording(element: (onAdd: (body: Body) => void) => ReactElement) {
  const bodies: Body[] = [];
  const view = render(element((body) => bodies.push(body)));
  return { bodies, ...view };
}

export const click = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

export const fill = (label: string | RegExp, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

/** Text as a person reads it, with plain spaces. */
export const words = (node: Element | null) => (node?.textContent ?? '').replace(/[\u00a0\u202f]/g, ' ');
