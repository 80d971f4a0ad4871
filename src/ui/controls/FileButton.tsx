'use client';

import { useRef, type ReactNode } from 'react';
import { Button } from './Button';
import type { ButtonLook } from './looks';

interface FileButtonProps {
  /** What the field is called to those who cannot see the button. */
  readonly label: string;
  readonly accept: string;
  readonly multiple?: boolean;
  readonly look?: ButtonLook;
  readonly onFiles: (files: readonly File[]) => void;
  readonly children: ReactNode;
}

/** A button that asks the device for a file. */
export function FileButton({
  label,
  accept,
  multiple = false,
  look,
  onFiles,
  children,
}: FileButtonProps) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={picker}
        type="file"
        multiple={multiple}
        accept={accept}
        className="sr-only"
        aria-label={label}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          // The same file can be picked again.
          event.target.value = '';
          if (files.length > 0) onFiles(files);
        }}
      />
      <Button look={look} onClick={() => picker.current?.click()}>
        {children}
      </Button>
    </>
  );
}
