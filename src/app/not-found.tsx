import { MissingPage } from '@/screens/frame/missing-page';

export default function NotFound() {
  return <MissingPage />;
}
