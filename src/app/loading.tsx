import { LoadingPage } from '@/components/LoadingPage';

export default function Loading() {
  return <LoadingPage />;
}
