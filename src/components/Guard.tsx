'use client';
import { Component, Suspense } from 'react';
import type { ReactNode } from 'react';

interface Props {
  readonly children: ReactNode;
  /** What stands in its place when it cannot be shown. */
  readonly fallback: ReactNode;
  /** When this changes, showing is tried again: not at every painting, or a dialog in the fallback would vanish under one's hands. */
  readonly of: string | number;
}
interface State {
  readonly broken: boolean;
  readonly of: string | number;
}

/** Keeps what cannot be shown to itself: one bench, step or row that breaks takes nothing else of the page with it. */
export function Guard(props: Props) {
  // On the server nothing catches but a place to wait at; the browser then tries again, and the fence below catches.
  return (
    <Suspense fallback={null}>
      <Fence {...props} />
    </Suspense>
  );
}

class Fence extends Component<Props, State> {
  override state: State = { broken: false, of: this.props.of };

  static getDerivedStateFromError(): Partial<State> {
    return { broken: true };
  }

  static getDerivedStateFromProps({ of }: Props, before: State): Partial<State> | null {
    return of === before.of ? null : { broken: false, of };
  }

  override render() {
    return this.state.broken ? this.props.fallback : this.props.children;
  }
}
