'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { Settings } from '@/core/files/plantingFile';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { StartReading } from './startForm';
import { briefFrom } from './useProposals';
import { Button } from '@/ui/controls/Button';

const AddPlant = dynamic(() => import('@/ui/bench/AddPlant'), { ssr: false });

interface NamedProps {
  readonly title: string;
  readonly ids: readonly string[];
  readonly onIds: (ids: readonly string[]) => void;
  readonly reading: StartReading;
  readonly plantedWeek: number;
  readonly settings: Settings;
}

/** Plants named beforehand: those that must be there, those that must not. */
export function Named({ title, ids, onIds, reading, plantedWeek, settings }: NamedProps) {
  const { kindOf } = useLibrary();
  const [choosing, setChoosing] = useState(false);
  return (
    <div
      role="group"
      aria-label={title}
      className="flex flex-wrap items-center gap-x-3 gap-y-1 py-0.5"
    >
      <span className="text-note text-ink2">{title}</span>
      {ids.map((id) => (
        <span key={id} className="flex items-center gap-1">
          <b className="font-semibold">{kindOf(id)?.common ?? id}</b>
          <Button
            look="bare"
            aria-label={`Take ${kindOf(id)?.common ?? id} off`}
            className="grid size-6 place-items-center"
            onClick={() => onIds(ids.filter((other) => other !== id))}
          >
            ×
          </Button>
        </span>
      ))}
      <Button
        look="plain"

        disabled={!reading.ok}
        onClick={() => setChoosing(true)}
      >
        {ids.length > 0 ? 'one more' : 'name one'}
      </Button>
      {choosing && reading.ok && (
        <AddPlant
          brief={briefFrom(reading, plantedWeek, settings.house)}
          settings={settings}
          onClose={() => setChoosing(false)}
          onPick={({ id }) => {
            if (!ids.includes(id)) onIds([...ids, id]);
            setChoosing(false);
          }}
        />
      )}
    </div>
  );
}
