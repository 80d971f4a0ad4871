import { Start } from '@/ui/start/Start';

export default function Page() {
  return <Start />;
}
