import { Shelf } from '@/studio/Shelf';

export default function Page() {
  return <Shelf />;
}
