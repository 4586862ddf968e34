'use client';
import useSWR from 'swr';
import { outboxFile, waitingGroups } from '@/api/outbox/waiting';

/** Whose entries wait on this device, and saving all of them as a file. */
export function useWaiting() {
  const { data: groups = [], mutate } = useSWR('waiting on this device', waitingGroups, {
    // What is being written by another page of this device, or could not be read at once, shows itself a moment later.
    refreshInterval: 2000,
    errorRetryInterval: 2000,
  });
  const save = async () => {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([await outboxFile()], { type: 'application/json' }));
    link.download = 'mozle-entries-of-this-device.json';
    link.click();
    URL.revokeObjectURL(link.href);
  };
  return { groups, save, refresh: () => void mutate() };
}
