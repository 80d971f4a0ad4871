import { Shed } from '@/ui/shed/Shed';

export default function Page() {
  return <Shed />;
}
