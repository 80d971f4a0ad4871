'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { GripVertical } from 'lucide-react';
import { useState } from 'react';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import type { Planted } from '@/ui/session/usePlanted';
import type { Walk } from './useRound';

/** The order in which containers are walked, dragged into place; kept as the last round's, from which the next one is learnt. */
export default function OrderSheet({
  planted,
  walk,
  onClose,
}: {
  readonly planted: Planted;
  readonly walk: Walk;
  readonly onClose: () => void;
}) {
  const [order, setOrder] = useState(walk.order);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  return (
    <Modal title="Order of walking" onClose={onClose}>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => {
          if (!over || active.id === over.id) return;
          setOrder(
            arrayMove([...order], order.indexOf(String(active.id)), order.indexOf(String(over.id))),
          );
        }}
      >
        <SortableContext items={[...order]} strategy={verticalListSortingStrategy}>
          <ol className="max-h-[60vh] overflow-y-auto">
            {order.map((id) => (
              <Row
                key={id}
                id={id}
                name={planted.its.find(({ planting }) => planting.id === id)?.planting.name ?? id}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <p className="flex gap-2 pt-3">
        <Button
          look="act"
          onClick={() => {
            walk.keepOrder(order);
            onClose();
          }}
        >
          Walk it so
        </Button>
        <ModalClose className={buttonLook({})}>As it was</ModalClose>
      </p>
    </Modal>
  );
}

function Row({ id, name }: { readonly id: string; readonly name: string }) {
  const { attributes, listeners, setNodeRef, transform } = useSortable({ id });
  return (
    <li
      ref={setNodeRef}
      style={transform ? { transform: `translateY(${transform.y}px)` } : undefined}
      className="flex min-h-11 items-center gap-2 border-t border-rule bg-paper first:border-t-0"
      data-walked={id}
    >
      <span
        {...attributes}
        {...listeners}
        aria-label={`Move ${name}`}
        className="grid size-11 cursor-grab touch-none place-items-center"
      >
        <GripVertical size={18} aria-hidden />
      </span>
      {name}
    </li>
  );
}
