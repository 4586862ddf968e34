import 'server-only';
import { hash } from '@node-rs/argon2';
import { ulid } from 'ulid';
import { AppError } from '@/server/appError';
import { addMembers } from '@/server/roster';
import { addStaff } from '@/server/classStaff';
import { baselineText } from './classNumbers';
import { courseOfPreparation } from '@/server/courses';
import { draw, drawPin, insertLog } from '@/server/newBench';
import { findPreparation } from '@/server/preparations';
import { inTransaction } from '@/server/inTransaction';
import { insert, run } from '@/server/tables';
import { sealClass } from '@/server/seals';
import { asIssued, scaledPlan } from '@/core/process/planOf';
import { coreVersion } from '@/core/results/coreVersion';
import { missingParts } from '@/core/process/proof/missingParts';
import { renderFinding } from '@/core/words/renderFinding';
import { withCourse } from '@/core/conventions/course';
import { writePreparation } from '@/core/formats/writePreparation';
import type { IssuedClass } from '@/core/people/class';

// Without letters and digits that are mistaken for each other on a board.
const letters = 'ABCDEFGHJKMNPQRTUVWXY346789';

/** What an issue needs. Codes and PINs are drawn at random unless given (the demo's are). */
export interface IssueOptions {
  readonly name: string;
  readonly preparationId: string;
  readonly section?: string;
  readonly benches: readonly { readonly name: string; readonly pin?: string; readonly members?: readonly string[] }[];
  /** Demonstrators who belong to the class, by id. */
  readonly staff?: readonly string[];
  readonly joinCode?: string;
  readonly by: string;
  /** When it is issued; the demo's was the day before. */
  readonly at?: Date;
}

/** Issues a preparation to a class: a frozen copy, the benches with their PINs, an empty record for each. */
export async function issueClass(options: IssueOptions): Promise<IssuedClass> {
  const { id: preparation_id, version, doc: stored } = await findPreparation(options.preparationId);
  const course = await courseOfPreparation(preparation_id);
  const lacking = missingParts(stored).filter(({ severity }) => severity === 'stop');
  if (lacking.length > 0)
    throw new AppError(
      'refused',
      `It is not written to its end, and no class was made. ${lacking.map((one) => renderFinding(one).says).join(' ')}`,
    );
  const doc = asIssued(scaledPlan(withCourse(stored, course?.settings)));
  const id = ulid();
  const joinCode = options.joinCode ?? draw(letters, 6);
  const benches = await Promise.all(
    options.benches.map(async ({ name, members = [], pin = drawPin() }) => ({
      id: ulid(),
      name,
      members,
      pin,
      pin_hash: await hash(pin),
    })),
  );
  await inTransaction(async (transaction) => {
    await insert(
      'classes',
      {
        id,
        name: options.name,
        join_code: joinCode,
        preparation_id,
        preparation_version: version,
        course_id: course?.id ?? null,
        section: options.section ?? '',
      },
      transaction,
    );
    await run(
      'UPDATE preparations SET used_at = :at WHERE id = :id',
      { at: options.at ?? new Date(), id: preparation_id },
      transaction,
    );
    await insert(
      'issued',
      {
        class_id: id,
        document: writePreparation(doc),
        title: doc.title,
        core_version: coreVersion,
        baseline: baselineText(doc),
        issued_by: options.by,
        issued_at: options.at ?? new Date(),
      },
      transaction,
    );
    for (const [position, bench] of benches.entries()) {
      await insert(
        'benches',
        { id: bench.id, class_id: id, name: bench.name, position, pin_hash: bench.pin_hash },
        transaction,
      );
      await insertLog(id, bench.id, transaction);
      await addMembers(bench.id, bench.members, transaction);
    }
    await insertLog(id, null, transaction);
    await addStaff(id, options.staff ?? [], transaction);
    await sealClass(id, transaction);
  });
  return {
    id,
    name: options.name,
    title: doc.title,
    joinCode,
    benches: benches.map(({ name, pin }) => ({ name, pin })),
  };
}
