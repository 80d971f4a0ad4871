'use client';

import { useMemo } from 'react';
import type { Container } from '@/core/containers/container';
import type { ShelfItem } from '@/core/shelf/shelf';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import { useRecordEditing, type RecordEditing } from '@/ui/session/useRecordEditing';

export interface ShelfEditing extends Omit<RecordEditing<ShelfItem>, 'record'> {
  readonly item: ShelfItem;
  readonly container: Container;
  /** Plantings that stand in one of these. */
  readonly planted: readonly { readonly id: string; readonly name: string }[];
  /** Changes the container itself. */
  readonly shape: (change: Partial<Container>, name: string) => void;
  /** Shows a change of the container while a hand is on it. */
  readonly shaping: (change: Partial<Container> | null) => void;
}

const asItIs = (item: ShelfItem): ShelfItem => item;

/** One container of the shelf being measured. `undefined` while it loads, `null` when there is none. */
export function useShelfEditing(id: string): ShelfEditing | null | undefined {
  const store = useStore();
  const stored = useLive(async (s) => ({ item: (await s.shelf()).find((item) => item.id === id) ?? null, planted: (await s.plantings()).filter(({ shelfId }) => shelfId === id) }), [id]);
  const door = useMemo(
    () => ({
      parser: async () => {
        const [{ parseWith }, { shelfItemSchema }] = await Promise.all([import('@/core/files/plantingFile'), import('@/core/shelf/schema')]);
        return (data: unknown) => parseWith<ShelfItem>(shelfItemSchema, data);
      },
      put: async (item: ShelfItem) => store?.putOnShelf(item),
      settle: asItIs,
    }),
    [store],
  );
  const editing = useRecordEditing(stored?.item, door);
  if (!editing || !stored) return editing as null | undefined;
  const { record: item, ...rest } = editing;
  return {
    ...rest, item, container: item.container, planted: stored.planted,
    shape: (change, name) => rest.apply({ container: { ...item.container, ...change } }, name),
    shaping: (change) => rest.preview(change && { container: { ...item.container, ...change } }),
  };
}
