import { useId, type ComponentProps, type ReactNode } from 'react';
import { Button } from './Button';

interface IconButtonProps extends Omit<ComponentProps<'button'>, 'name' | 'children'> {
  /** What it does: read aloud, and shown in the tip. */
  readonly name: string;
  /** More for the tip: the keys, or why it cannot be pressed. */
  readonly tip?: string;
  readonly icon: ReactNode;
}

/**
 * A button that is only an icon, named, with a tip for pointer and keyboard alike. The tip is plain
 * markup shown by the style sheet: it is on every room's first page, and a library for it would be
 * the larger part of the room.
 */
export function IconButton({ name, tip, icon, ...rest }: IconButtonProps) {
  const id = useId();
  return (
    <span className="group relative inline-flex">
      <Button look="icon" aria-label={name} aria-describedby={tip ? id : undefined} {...rest}>
        {icon}
      </Button>
      <span
        id={id}
        role="tooltip"
        className="pointer-events-none absolute top-full right-0 z-50 mt-1 hidden w-max max-w-56 bg-ink px-2 py-1 text-note leading-4 font-normal text-paper group-hover:block group-has-focus-visible:block"
      >
        {tip ?? name}
      </span>
    </span>
  );
}
