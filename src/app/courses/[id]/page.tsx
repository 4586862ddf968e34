import { CourseScreen } from '@/features/courses/CourseScreen';
import { enterPage, orNotFound } from '@/server/page';
import { findCourse } from '@/server/courses';

export const metadata = { title: 'Course' };

export default async function CoursePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const identity = await enterPage('PAGE /courses/[id]', params);
  const { id } = await params;
  return <CourseScreen key={id} identity={identity} course={await orNotFound(findCourse(id))} />;
}
