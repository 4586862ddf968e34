'use client';
import { useState } from 'react';
import useSWR from 'swr';
import { api, ApiError } from '@/api/client';
import { belonging, StaffChoice } from '@/components/StaffChoice';
import type { StaffMember } from '@/core/people/class';

/** The demonstrators of a class: a tap takes one in or off, at once. */
export function ClassStaff({ classId }: { readonly classId: string }) {
  const { data: staff, mutate } = useSWR(['staff', classId], () => api.classStaff(classId));
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const change = async (next: readonly StaffMember[]) => {
    setProblem(undefined);
    try {
      await mutate(api.setClassStaff(classId, belonging(next)), { optimisticData: next, rollbackOnError: true });
    } catch (error) {
      setProblem(error instanceof ApiError ? error.message : 'It could not be stored. Try again.');
    }
  };
  return (
    <section className="card-plain" aria-label="Demonstrators">
      {staff ? <StaffChoice staff={staff} onChange={(next) => void change(next)} /> : <p className="muted">Loading…</p>}
      {problem !== undefined && (
        <p className="typed-says" role="alert">
          {problem}
        </p>
      )}
    </section>
  );
}
