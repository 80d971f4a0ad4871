import type { UseFormReturn } from 'react-hook-form';
import type { StartForm, StartReading } from './startForm';

/** What every row of the sheet is given. */
export interface RowProps {
  readonly form: UseFormReturn<StartForm>;
  readonly values: StartForm;
  readonly reading: StartReading;
}

/** Sets one answer. */
export function setter(form: UseFormReturn<StartForm>) {
  return <K extends keyof StartForm>(field: K, value: StartForm[K]) =>
    form.setValue(field, value as never);
}

/** What is wrong with an answer; nothing when it reads. */
export function faultOf(reading: StartReading, field: keyof StartForm): string | undefined {
  return reading.ok ? undefined : reading.faults[field];
}
