'use client';

import { useId, useState, type ReactNode } from 'react';
import { figureOf, keptCm } from '@/core/units/units';
import type { Units } from '@/words/format';
import { entryLook } from './looks';

interface NumberFieldProps {
  readonly name: string;
  readonly value: number;
  readonly suffix?: string;
  readonly error?: string | undefined;
  /** Called when the field is left or Enter is pressed, with what was typed: `NaN` when that is no number. */
  readonly onValue: (value: number) => void;
  readonly places?: number;
}

/** A typed number. What is typed is kept as it is until the field is left. */
export function NumberField({ name, value, suffix, error, onValue, places = 0 }: NumberFieldProps) {
  const shown = Number.isNaN(value) ? '' : String(Math.round(value * 10 ** places) / 10 ** places);
  const [typed, setTyped] = useState<string | null>(null);
  const fault = useId();
  const leave = () => {
    if (typed === null) return;
    const number =
      typed.trim() === '' ? Number.NaN : Number(typed.replace(',', '.').replace('−', '-'));
    if (typed !== shown) onValue(number);
    setTyped(null);
  };
  return (
    <div className="min-w-0">
      <label className="block">
        <span className="block text-note text-ink2">{name}</span>
        <span className="relative block">
          <input
            inputMode="decimal"
            className={entryLook({ className: 'w-full pr-7' })}
            aria-invalid={!!error}
            aria-describedby={error ? fault : undefined}
            value={typed ?? shown}
            onChange={(event) => setTyped(event.target.value)}
            onBlur={leave}
            onKeyDown={(event) => {
              if (event.key === 'Enter') leave();
              if (event.key === 'Escape') setTyped(null);
            }}
          />
          {suffix && (
            <span className="pointer-events-none absolute top-2 right-2 text-note text-ink2">
              {suffix}
            </span>
          )}
        </span>
      </label>
      {error && (
        <p id={fault} role="alert" className="mt-0.5 text-note leading-4 font-semibold">
          ▲ {error}
        </p>
      )}
    </div>
  );
}

/** A length typed in the reader's unit, kept in centimetres. */
export function LengthField({
  valueCm,
  onCm,
  unit,
  fine = false,
  places = (unit === 'in' ? 1 : 0) + (fine ? 1 : 0),
  ...rest
}: Omit<NumberFieldProps, 'value' | 'onValue' | 'suffix'> & {
  readonly valueCm: number;
  readonly onCm: (cm: number) => void;
  readonly unit: Units['length'];
  /** Shows one more digit, as a tape does. */ readonly fine?: boolean;
}) {
  return (
    <NumberField
      {...rest}
      value={figureOf(valueCm, unit, places)}
      suffix={unit}
      places={places}
      onValue={(value) => onCm(keptCm(value, unit))}
    />
  );
}

/** A temperature typed in the reader's scale, kept in °C. */
export function TemperatureField({
  valueC,
  onC,
  unit,
  ...rest
}: Omit<NumberFieldProps, 'value' | 'onValue' | 'suffix'> & {
  readonly valueC: number;
  readonly onC: (celsius: number) => void;
  readonly unit: Units['length'];
}) {
  const celsius = unit === 'cm';
  return (
    <NumberField
      {...rest}
      value={celsius ? valueC : valueC * 1.8 + 32}
      suffix={celsius ? '°C' : '°F'}
      onValue={(value) => onC(celsius ? value : (value - 32) / 1.8)}
    />
  );
}

/** A few typed words, kept when the field is left. */
export function TextField({
  name,
  value,
  placeholder,
  onText,
}: {
  readonly name: string;
  readonly value: string;
  readonly placeholder?: string;
  readonly onText: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <label className="block min-w-0">
      <span className="block text-note text-ink2">{name}</span>
      <input
        className={entryLook({ className: 'w-full' })}
        maxLength={60}
        placeholder={placeholder}
        value={typed ?? value}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => {
          if (typed !== null && typed !== value) onText(typed.trim());
          setTyped(null);
        }}
      />
    </label>
  );
}

export function PickField<T extends string>({
  name,
  value,
  options,
  onPick,
}: {
  readonly name: string;
  readonly value: T;
  readonly options: readonly (readonly [value: T, text: string])[];
  readonly onPick: (value: T) => void;
}) {
  return (
    <label className="block min-w-0">
      <span className="block text-note text-ink2">{name}</span>
      <select
        className={entryLook({ className: 'w-full' })}
        value={value}
        onChange={(event) => onPick(event.target.value as T)}
      >
        {options.map(([option, text]) => (
          <option key={option} value={option}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}

/** A sheet of paper with a title. */
export function Sheet({
  title,
  note,
  children,
}: {
  readonly title: string;
  readonly note?: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <section aria-label={title} className="bg-paper">
      <h2 className="flex items-baseline gap-2 border-b border-rule px-3.5 py-2.5 text-lead font-semibold">
        {title}
        {note && <span className="ml-auto text-note font-normal text-ink2">{note}</span>}
      </h2>
      {children}
    </section>
  );
}
