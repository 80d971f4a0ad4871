import { Diary } from '@/ui/diary/Diary';

export default function Page() {
  return <Diary />;
}
