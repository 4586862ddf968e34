'use client';
import dynamic from 'next/dynamic';
import { usePlanView } from '@/components/plan/planView';

// Issuing draws codes for cameras: loaded when it is asked for, not with every plan.
const IssueClass = dynamic(() => import('./IssueClass').then((part) => part.IssueClass));

/** The dialog that issues a plan to a class, while it is asked for. */
export function IssueDoor() {
  const { issuing } = usePlanView();
  return issuing && <IssueClass />;
}
