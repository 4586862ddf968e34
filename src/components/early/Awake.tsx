'use client';
import { useEffect } from 'react';
import { awake } from './awake';

/** Tells, once, that the page has come alive: its effects run when all that the server painted listens. */
export function Awake() {
  useEffect(() => {
    window.dispatchEvent(new Event(awake));
  }, []);
  return null;
}
