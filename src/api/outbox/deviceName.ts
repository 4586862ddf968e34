import { ulid } from 'ulid';

const key = 'mozle:device';

/** A name for this browser, made once, so that a record shows which tablet an entry came from. */
export function deviceName(): string {
  try {
    const known = localStorage.getItem(key);
    if (known !== null) return known;
    const name = `tablet ${ulid().slice(-4)}`;
    localStorage.setItem(key, name);
    return name;
  } catch {
    return 'browser';
  }
}
