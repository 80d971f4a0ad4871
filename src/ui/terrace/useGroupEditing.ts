'use client';

import type { Gathering } from '@/core/plantings/gathering';
import { useRecordEditing, type RecordEditing } from '@/ui/session/useRecordEditing';

/** One group being set out. `undefined` while it loads, `null` when there is none. */
export function useGroupEditing(id: string | null): RecordEditing<Gathering> | null | undefined {
  return useRecordEditing('groups', id);
}
