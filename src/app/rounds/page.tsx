import { Rounds } from '@/ui/rounds/Rounds';

export default function Page() {
  return <Rounds />;
}
