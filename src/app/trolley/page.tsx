import { Trolley } from '@/ui/trolley/Trolley';

export default function Page() {
  return <Trolley />;
}
