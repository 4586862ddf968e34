'use client';
import { Opening } from '../Opening';
import useSWR from 'swr';
import { api, ApiError } from '@/api/client';
import { MessagePage } from '../MessagePage';
import type { ClassBoard } from '@/core/people/class';
import type { ReactNode } from 'react';

/** Fetches a class for a page that is painted by the browser; says so while it comes, and why it does not. */
export function FirstBoard({
  classId,
  waiting,
  children,
}: {
  readonly classId: string;
  readonly waiting: string;
  readonly children: (first: ClassBoard) => ReactNode;
}) {
  const { data, error, mutate } = useSWR<ClassBoard, Error>(['first board', classId], () => api.board(classId, []), {
    revalidateOnFocus: false,
    revalidateIfStale: false,
    revalidateOnReconnect: false,
  });
  if (data) return children(data);
  if (!error) return <Opening says={waiting} />;
  const text = error instanceof ApiError ? error.message : 'The class could not be opened.';
  return (
    <MessagePage
      title="The class does not open"
      text={text}
      action={{ onClick: () => void mutate(), label: 'Try again' }}
    />
  );
}
