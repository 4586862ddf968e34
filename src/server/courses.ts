import 'server-only';
import { ulid } from 'ulid';
import { UniqueConstraintError } from 'sequelize';
import { AppError } from './appError';
import { inTransaction } from './inTransaction';
import { insert, rows, run } from './tables';
import { usualDevices } from '@/data/devices';
import type { Course, CourseSettings } from '@/core/conventions/course';

interface CourseRow {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly settings: string;
  readonly author_name: string;
  readonly updated_at: Date;
}

const courseOf = ({ id, name, version, settings, author_name, updated_at }: CourseRow): Course => ({
  id,
  name,
  version,
  settings: JSON.parse(settings) as CourseSettings,
  author: author_name,
  updatedAt: new Date(updated_at).toISOString(),
});

/** All courses by name. */
export async function listCourses(): Promise<readonly Course[]> {
  return (await rows<CourseRow>('SELECT * FROM courses ORDER BY name')).map(courseOf);
}

/** One course. */
export async function findCourse(id: string): Promise<Course> {
  const [row] = await rows<CourseRow>('SELECT * FROM courses WHERE id = :id', { id });
  if (!row) throw new AppError('notFound', 'There is no such course.');
  return courseOf(row);
}

/** The course that a preparation is taught in. */
export async function courseOfPreparation(id: string): Promise<Course | undefined> {
  const [row] = await rows<CourseRow>(
    'SELECT c.* FROM courses c JOIN preparations p ON p.course_id = c.id WHERE p.id = :id',
    { id },
  );
  return row && courseOf(row);
}

/** Makes a course with the usual conventions and devices. */
export async function createCourse(name: string, by: string): Promise<Course> {
  const id = ulid();
  const settings: CourseSettings = { conventions: {}, devices: usualDevices };
  try {
    await insert('courses', {
      id,
      name,
      version: 1,
      settings: JSON.stringify(settings),
      author_name: by,
      updated_at: new Date(),
    });
  } catch (error) {
    if (error instanceof UniqueConstraintError) throw new AppError('conflict', `There is already a course “${name}”.`);
    throw error;
  }
  return findCourse(id);
}

/** Stores a course's name and settings; refused when somebody else did so since `base`. Classes issued before keep theirs. */
export async function saveCourse(
  id: string,
  base: number,
  { name, settings }: { readonly name: string; readonly settings: CourseSettings },
  by: string,
): Promise<Course> {
  await inTransaction(async (transaction) => {
    const [row] = await rows<{ version: number }>(
      'SELECT version FROM courses WHERE id = :id FOR UPDATE',
      { id },
      transaction,
    );
    if (!row) throw new AppError('notFound', 'There is no such course.');
    if (row.version !== base)
      throw new AppError('stale', 'Somebody stored other settings meanwhile. Reload; nothing was stored.');
    await run(
      'UPDATE courses SET name = :name, version = :version, settings = :settings, author_name = :by, updated_at = UTC_TIMESTAMP(3) WHERE id = :id',
      { id, name, version: base + 1, settings: JSON.stringify(settings), by },
      transaction,
    );
  });
  return findCourse(id);
}

/** Puts a preparation into a course, or takes it out of any. */
export async function setCourseOfPreparation(preparation: string, course: string | null): Promise<void> {
  if (course !== null) await findCourse(course);
  const [row] = await rows('SELECT id FROM preparations WHERE id = :preparation', { preparation });
  if (!row) throw new AppError('notFound', 'There is no such preparation.');
  await run('UPDATE preparations SET course_id = :course WHERE id = :preparation', { preparation, course });
}
