import { PottingDay } from '@/ui/potting/PottingDay';

export default function Page() {
  return <PottingDay />;
}
