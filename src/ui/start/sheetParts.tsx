import type { ReactNode } from 'react';

/** A ruled row of the sheet. */
export function SheetRow({
  title,
  note,
  last = false,
  children,
}: {
  readonly title: string;
  readonly note?: string | undefined;
  readonly last?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <fieldset className={`px-4 py-3 ${last ? '' : 'border-b border-rule'}`}>
      <legend className="float-left mb-1.5 flex w-full items-baseline gap-2 font-semibold">
        {title}
        {note && <span className="ml-auto text-note font-normal text-ink2">{note}</span>}
      </legend>
      <div className="clear-both">{children}</div>
    </fieldset>
  );
}

/** A field under its name, with its unit and what is wrong with it. */
export function Entry({
  name,
  suffix,
  error,
  children,
}: {
  readonly name: string;
  readonly suffix?: string;
  readonly error?: string | undefined;
  readonly children: ReactNode;
}) {
  return (
    <label className="block">
      <span className="block pb-0.5 text-note text-ink2">{name}</span>
      <span className="relative block">
        {children}
        {suffix && (
          <span className="pointer-events-none absolute inset-y-0 right-2 flex items-center text-note text-ink2">
            {suffix}
          </span>
        )}
      </span>
      {error && (
        <span role="alert" className="mt-0.5 block text-note leading-4 font-semibold">
          ▲ {error}
        </span>
      )}
    </label>
  );
}
