'use client';
import { useCallback, useMemo, useState } from 'react';
import { Shell } from '@/components/Shell';
import { AddLine } from './AddLine';
import { cellWorked } from './cells';
import { consequencesOf } from '@/core/versions/consequences';
import { CourseChoice } from './CourseChoice';
import { LineEditor } from './LineEditor';
import { PlanBar } from './PlanBar';
import { litBy, PlanViewContext } from '@/components/plan/planView';
import { PlanRooms } from './PlanRooms';
import { RoomNav } from './RoomNav';
import { useHash } from './useHash';
import { useGroups } from './useGroups';
import { TakeAway } from './TakeAway';
import { usePlan } from './usePlan';
import { useRoom } from './useRoom';
import type { ReactNode } from 'react';
import type { Identity } from '@/core/identity';
import type { StoredPreparation } from '@/core/library/stored';
import type { Course } from '@/core/conventions/course';
import type { CourseName } from './CourseChoice';
import type { Leaving, PlanView } from '@/components/plan/planView';

/** The plan of a preparation: everything on it is computed from the document as it is edited. */
export function PlanScreen({
  identity,
  stored,
  course,
  courses = [],
  models,
  hazards,
  issue,
}: {
  readonly identity: Identity;
  readonly stored: StoredPreparation;
  /** The course it is taught in: its conventions and devices apply. */
  readonly course?: Course;
  readonly courses?: readonly CourseName[];
  /** Parts of the screen that are other features' own: they read the plan view. */
  readonly models?: ReactNode;
  readonly hazards?: ReactNode;
  readonly issue?: ReactNode;
}) {
  const canEdit = identity.role === 'coordinator';
  const state = usePlan(stored, canEdit, course?.settings);
  const { edit, plan, process } = state;
  useGroups(plan.doc, edit, canEdit);
  const [open, setOpen] = useState<string | undefined>(undefined);
  const [line, setLine] = useState<string | undefined>(undefined);
  const [step, setStep] = useState<string | undefined>(undefined);
  // Whoever comes to a step's own address sees it chosen.
  const hash = useHash();
  const chosen = step ?? (plan.doc.steps.some(({ id }) => id === hash) ? hash : undefined);
  const [room, goTo, href] = useRoom(stored.id);
  const [adding, setAdding] = useState(false);
  const [leaving, setLeaving] = useState<Leaving | undefined>(undefined);
  const [issuing, setIssuing] = useState(false);
  const lit = useMemo(
    () => litBy(open === undefined ? undefined : cellWorked(plan, open, process.prediction)),
    [plan, process, open],
  );
  const begin = useCallback(() => setAdding(true), []);
  const closeLine = useCallback(() => setLine(undefined), []);
  const takeAway = useCallback(
    (what: Leaving) => {
      const { changes, findings } = consequencesOf(plan, what.change, what.name);
      if (changes.length + findings.length > 0) setLeaving(what);
      else edit(what.field, what.change);
    },
    [plan, edit],
  );
  const view: PlanView = useMemo(
    () => ({
      id: stored.id,
      plan,
      process,
      edit,
      canEdit,
      takeAway,
      open,
      lit,
      toggle: (key) => setOpen((now) => (now === key ? undefined : key)),
      editLine: setLine,
      step: chosen,
      selectStep: setStep,
      issuing,
      setIssuing,
    }),
    [stored.id, plan, process, edit, canEdit, takeAway, open, lit, chosen, issuing],
  );
  return (
    <PlanViewContext.Provider value={view}>
      <Shell identity={identity} crumb={plan.doc.title}>
        <PlanBar id={stored.id} state={state} canEdit={canEdit} onIssue={() => setIssuing(true)} />
        <div className="plan-doors">
          <RoomNav room={room} href={href} goTo={goTo} />
          <CourseChoice id={stored.id} course={course} courses={courses} canEdit={canEdit} />
        </div>
        {plan.doc.protection && (
          <p className="protection">
            {plan.doc.protection} Local rules, the risk assessment and the supervising person decide.
          </p>
        )}
        <PlanRooms room={room} goTo={goTo} onAdd={begin} models={models} hazards={hazards} />
      </Shell>
      <LineEditor id={line} onClose={closeLine} />
      {leaving && <TakeAway plan={plan} leaving={leaving} edit={edit} onClose={() => setLeaving(undefined)} />}
      {issue}
      {adding && (
        <AddLine
          onClose={() => setAdding(false)}
          onAdded={(id) => {
            setAdding(false);
            setLine(id);
          }}
        />
      )}
    </PlanViewContext.Provider>
  );
}
