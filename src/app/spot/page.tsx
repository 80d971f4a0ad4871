import { SpotRoom } from '@/ui/spot/SpotRoom';

export default function Page() {
  return <SpotRoom />;
}
