import type { InputHTMLAttributes, ReactNode } from 'react';

interface TickProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'type' | 'className'> {
  /** What is so when it is ticked. */
  readonly children?: ReactNode;
  /** Of the whole, words and box. */
  readonly className?: string;
  readonly large?: boolean;
}

/** A box to tick, with its words: they are pressed as well as the box. */
export function Tick({ children, className = '', large = false, ...box }: TickProps) {
  return (
    <label
      className={`flex min-h-7 items-center gap-2 pointer-coarse:min-h-11 pointer-coarse:min-w-11 ${className}`}
    >
      <input
        type="checkbox"
        className={`${large ? 'size-6' : 'size-4 pointer-coarse:size-5'} shrink-0 accent-ink`}
        {...box}
      />
      {children}
    </label>
  );
}
