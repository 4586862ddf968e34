'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { api, ApiError } from '@/api/client';
import type { Course } from '@/core/conventions/course';

/** A course in a choice. */
export type CourseName = Pick<Course, 'id' | 'name'>;

/** The course that a preparation is taught in: whose conventions and devices apply. */
export function CourseChoice({
  id,
  course,
  courses,
  canEdit,
}: {
  readonly id: string;
  readonly course: Course | undefined;
  readonly courses: readonly CourseName[];
  readonly canEdit: boolean;
}) {
  const router = useRouter();
  const [says, setSays] = useState<string | undefined>(undefined);
  if (courses.length === 0) return null;
  const choose = async (chosen: string) => {
    setSays(undefined);
    try {
      await api.setCourse(id, chosen === '' ? null : chosen);
      router.refresh();
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'This could not be stored.');
    }
  };
  return (
    <div className="course-choice">
      <Form.Label htmlFor="plan-course">Course</Form.Label>
      <Form.Select
        id="plan-course"
        size="sm"
        disabled={!canEdit}
        value={course?.id ?? ''}
        onChange={(event) => void choose(event.target.value)}
      >
        <option value="">none: usual conventions</option>
        {courses.map(({ id: key, name }) => (
          <option key={key} value={key}>
            {name}
          </option>
        ))}
      </Form.Select>
      {course && <Link href={`/courses/${course.id}`}>conventions and devices</Link>}
      {says && (
        <span className="typed-says" role="alert">
          {says}
        </span>
      )}
    </div>
  );
}
