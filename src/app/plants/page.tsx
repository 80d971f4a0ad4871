import { PlantBook } from '@/ui/plant-book/PlantBook';

export default function Page() {
  return <PlantBook />;
}
