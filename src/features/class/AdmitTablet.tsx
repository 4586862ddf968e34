'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { api, ApiError } from '@/api/client';
import { TimeOfDay } from '@/components/TimeOfDay';
import type { Admission } from '@/core/people/class';

/** Lets a new tablet in at a bench, by a code that is typed there in place of the PIN. */
export function AdmitTablet({
  classId,
  bench,
}: {
  readonly classId: string;
  readonly bench: { readonly id: string; readonly bench: string };
}) {
  const [admission, setAdmission] = useState<Admission | undefined>(undefined);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const admit = async () => {
    setProblem(undefined);
    try {
      setAdmission(await api.admitTablet(classId, bench.id));
    } catch (error) {
      setProblem(error instanceof ApiError ? error.message : 'No code could be had.');
    }
  };
  return (
    <>
      <Button variant="line" size="sm" onClick={() => void admit()}>
        {admission ? 'Another code' : 'Let a new tablet in'}
      </Button>
      {admission && (
        <span className="admission" role="status">
          At {bench.bench}, type <strong className="num">{admission.code}</strong> in place of the PIN. It counts once,
          until <TimeOfDay at={admission.until} />.
        </span>
      )}
      {problem && <span role="alert">{problem}</span>}
    </>
  );
}
