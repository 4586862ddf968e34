import { timeLeft } from './timeText';
import { secondsLeft } from '@/core/bench/benchNeed';
import type { Timer } from '@/core/operations/operation';

/** A running timer: what runs, what is left, and what to do then. Late ones say so in words. */
export function TimerStrip({
  timer,
  now,
  onOpen,
  onAgain,
}: {
  readonly timer: Timer;
  readonly now: number | undefined;
  readonly onOpen?: () => void;
  /** Tells that a repeating one was seen to. */
  readonly onAgain?: () => void;
}) {
  const left = now === undefined ? undefined : secondsLeft(timer, now);
  const late = left !== undefined && left < 0;
  const share = left === undefined ? 0 : Math.max(0, Math.min(1, 1 - left / timer.seconds));
  const inside = (
    <>
      <i aria-hidden="true" style={{ width: `${share * 100}%` }} />
      <span className="timer-left num">{left === undefined ? '–:––' : timeLeft(left)}</span>
      <span className="timer-words">
        <strong>{late ? `Now: ${timer.then.charAt(0).toLowerCase()}${timer.then.slice(1)}` : timer.label}</strong>
        <small>{late ? `${timer.label}, over the time` : `then: ${timer.then}`}</small>
      </span>
    </>
  );
  const className = `timer ${late ? 'timer-late' : ''}`;
  const strip = onOpen ? (
    <button type="button" className={className} onClick={onOpen}>
      {inside}
    </button>
  ) : (
    <span className={className}>{inside}</span>
  );
  if (!timer.again || !onAgain) return strip;
  return (
    <span className="timer-pair">
      {strip}
      <button type="button" className="btn btn-primary timer-again" onClick={onAgain}>
        {timer.again.button}
      </button>
    </span>
  );
}
