import { Bench } from '@/ui/bench/Bench';

export default function Page() {
  return <Bench />;
}
