'use client';

import { useMemo } from 'react';
import type { Gathering } from '@/core/plantings/gathering';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { useRecordEditing, type RecordEditing } from '@/ui/session/useRecordEditing';

const asItIs = (group: Gathering): Gathering => group;

/** One group being set out. `undefined` while it loads, `null` when there is none. */
export function useGroupEditing(id: string | null): RecordEditing<Gathering> | null | undefined {
  const store = useStore();
  const stored = useLive(
    async (s) => (await s.groups()).find((group) => group.id === id) ?? null,
    [id],
  );
  const door = useMemo(
    () => ({
      parser: async () => {
        const [{ parseWith }, { gatheringSchema }] = await Promise.all([
          import('@/core/files/plantingFile'),
          import('@/core/plantings/gatheringSchema'),
        ]);
        return (data: unknown) => parseWith<Gathering>(gatheringSchema, data);
      },
      put: async (group: Gathering) => store?.putGroup(group),
      settle: asItIs,
    }),
    [store],
  );
  return useRecordEditing(stored, door);
}
