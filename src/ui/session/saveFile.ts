/** Hands a text to the browser as a file to save. */
export function saveFile(name: string, type: 'application/json' | 'text/csv', text: string): void {
  saveBlob(name, new Blob([text], { type: `${type};charset=utf-8` }));
}

/** The name of a planting as the beginning of a file's name. */
export function fileNameOf(name: string): string {
  return (
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'planting'
  );
}

/** Hands bytes to the browser as a file to save. */
export function saveBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The browser reads it after the press has been dealt with.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
