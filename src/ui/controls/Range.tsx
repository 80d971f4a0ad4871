import type { InputHTMLAttributes } from 'react';

interface RangeProps extends Omit<
  InputHTMLAttributes<HTMLInputElement>,
  'type' | 'value' | 'onChange'
> {
  readonly value: number;
  readonly onValue: (value: number) => void;
}

/** A value slid along. What it comes to is told in words by `aria-valuetext`. */
export function Range({ value, onValue, className = 'w-full', ...rest }: RangeProps) {
  return (
    <input
      type="range"
      value={value}
      onChange={(event) => onValue(Number(event.target.value))}
      className={`accent-ink pointer-coarse:min-h-11 ${className}`}
      {...rest}
    />
  );
}
