import { ClassList } from '@/features/class/ClassList';
import { listClasses } from '@/server/classes';
import { enterPage } from '@/server/page';

export const metadata = { title: 'Classes' };

export default async function ClassesPage() {
  const identity = await enterPage('PAGE /classes');
  return <ClassList identity={identity} classes={await listClasses(identity)} />;
}
