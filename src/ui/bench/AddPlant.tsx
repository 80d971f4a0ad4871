'use client';

import { Dialog } from 'radix-ui';
import type { Settings } from '@/core/files/plantingFile';
import type { Brief } from '@/core/plantings/brief';
import type { PlantKind } from '@/core/plants/kind';
import { PlantPicker } from '@/ui/plant-book/PlantPicker';
import { buttonLook } from '@/ui/controls/looks';

interface AddPlantProps {
  readonly brief: Brief;
  readonly onPick: (kind: PlantKind) => void;
  readonly onClose: () => void;
  readonly settings: Settings;
}

/** The book laid over the Bench, to add a kind from. */
export default function AddPlant({ brief, onPick, onClose, settings }: AddPlantProps) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-[rgb(25_31_34/0.45)]" />
        <Dialog.Content
          className="fixed inset-x-3 top-[6vh] bottom-[6vh] z-50 mx-auto flex max-w-[760px] flex-col bg-paper p-5"
          aria-describedby={undefined}
        >
          <div className="flex items-center justify-between pb-3">
            <Dialog.Title className="display text-drawing">Add a plant</Dialog.Title>
            <Dialog.Close className={buttonLook({ look: 'quiet' })}>Close</Dialog.Close>
          </div>
          <PlantPicker ask={brief} onPick={onPick} settings={settings} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
