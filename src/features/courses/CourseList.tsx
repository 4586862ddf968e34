'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { api, ApiError } from '@/api/client';
import { Shell } from '@/components/Shell';
import type { Course } from '@/core/conventions/course';
import type { Identity } from '@/core/identity';

/** Courses: what each settles once for all its classes. */
export function CourseList({
  identity,
  courses,
}: {
  readonly identity: Identity;
  readonly courses: readonly Course[];
}) {
  const router = useRouter();
  const [name, setName] = useState('');
  const [says, setSays] = useState<string | undefined>(undefined);
  const canMake = identity.role === 'coordinator';
  const make = async () => {
    setSays(undefined);
    try {
      const { id } = await api.createCourse(name.trim());
      router.push(`/courses/${id}`);
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'The course could not be stored.');
    }
  };
  return (
    <Shell identity={identity} crumb="Courses">
      <div className="page">
        <h1>Courses</h1>
        {courses.length === 0 && (
          <p className="empty">
            There is no course yet. A course holds the lab’s devices and the conventions on which practitioners differ;
            a class that is issued keeps them.
          </p>
        )}
        <ul className="preparations">
          {courses.map(({ id, name: title, settings }) => {
            const chosen = Object.keys(settings.conventions).length;
            return (
              <li key={id}>
                <Link href={`/courses/${id}`} className="card-plain preparation">
                  <h2>{title}</h2>
                  <p>
                    {settings.devices.length} devices,{' '}
                    {chosen === 0 ? 'the usual conventions' : `${chosen} conventions of its own`}
                  </p>
                </Link>
              </li>
            );
          })}
        </ul>
        {canMake && (
          <Form
            className="new-course"
            onSubmit={(event) => {
              event.preventDefault();
              void make();
            }}
          >
            <Form.Group controlId="course-name">
              <Form.Label>Name of a new course</Form.Label>
              <Form.Control value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
            </Form.Group>
            <Button type="submit" variant="line" disabled={name.trim() === ''}>
              Make the course
            </Button>
            {says && (
              <p className="typed-says" role="alert">
                {says}
              </p>
            )}
          </Form>
        )}
      </div>
    </Shell>
  );
}
