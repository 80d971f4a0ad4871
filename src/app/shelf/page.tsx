import { ShelfRoom } from '@/ui/shelf/ShelfRoom';

export default function Page() {
  return <ShelfRoom />;
}
