import { HazardPanel } from '@/features/hazards/HazardPanel';
import { IssueDoor } from '@/features/issuing/IssueDoor';
import { ModelsPanel } from '@/features/explore/ModelsPanel';
import { PlanPage } from '@/features/plan/PlanPage';
import { enterPage, orNotFound } from '@/server/page';
import { courseOfPreparation, listCourses } from '@/server/courses';
import { findPreparation } from '@/server/preparations';
import type { RouteKey } from '@/server/permissions';

type PlanRoute = Extract<RouteKey, `PAGE /preparations/[id]${string}`>;

/** The plan in the room that the address names. */
export async function PlanRoom({
  params,
  route,
}: {
  readonly params: Promise<{ id: string }>;
  readonly route: PlanRoute;
}) {
  const identity = await enterPage(route, params);
  const { id } = await params;
  const stored = await orNotFound(findPreparation(id));
  const course = await courseOfPreparation(id);
  const courses = (await listCourses()).map(({ id: key, name }) => ({ id: key, name }));
  return (
    <PlanPage
      key={id}
      identity={identity}
      stored={stored}
      courses={courses}
      models={<ModelsPanel />}
      hazards={<HazardPanel />}
      issue={<IssueDoor />}
      {...(course ? { course } : {})}
    />
  );
}
