'use client';
import { memo } from 'react';
import { ChargeBoard } from './ChargeBoard';
import { FindingsPanel } from './FindingsPanel';
import { PinPanel } from './PinPanel';
import { ProcedurePanel } from './ProcedurePanel';
import { ProcessPanel } from './process/ProcessPanel';
import { ReactionScheme } from './ReactionScheme';
import { StagePanel } from './StagePanel';
import { usePlanView } from '@/components/plan/planView';
import { VesselPanel } from './VesselPanel';
import type { ReactNode } from 'react';
import type { Room } from './rooms';

/** The room that is open, with pin and findings beside it. Drawn anew when the plan is, not while its next state is still worked out. */
export const PlanRooms = memo(function PlanRooms({
  room,
  goTo,
  onAdd,
  models,
  hazards,
}: {
  readonly room: Room;
  readonly goTo: (room: Room) => void;
  readonly onAdd: () => void;
  readonly models: ReactNode;
  readonly hazards: ReactNode;
}) {
  const { process } = usePlanView();
  return (
    <div className="plan-grid">
      <div className="plan-main">
        {room === 'charge' && (
          <>
            <ReactionScheme />
            <ChargeBoard onAdd={onAdd} />
          </>
        )}
        {room === 'procedure' && <ProcedurePanel />}
        {room === 'process' && (
          <>
            <ProcessPanel process={process} />
            {models}
          </>
        )}
        {room === 'safety' && hazards}
      </div>
      <aside className="plan-rail" aria-label="Scale, vessels and findings">
        <PinPanel />
        {room !== 'charge' && <FindingsPanel goTo={goTo} />}
        {room !== 'safety' && <StagePanel />}
        {room !== 'safety' && <VesselPanel />}
        {room === 'charge' && <FindingsPanel goTo={goTo} />}
      </aside>
    </div>
  );
});
