import { CourseList } from '@/features/courses/CourseList';
import { enterPage } from '@/server/page';
import { listCourses } from '@/server/courses';

export const metadata = { title: 'Courses' };

export default async function CoursesPage() {
  const identity = await enterPage('PAGE /courses');
  return <CourseList identity={identity} courses={await listCourses()} />;
}
