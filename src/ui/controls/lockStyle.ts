'use client';

import { useEffect } from 'react';

/**
 * Stands in for react-style-singleton, with which Radix holds the page still behind a sheet. That one writes a style element, which
 * the policy of a page does not let in; this one adopts a sheet, which says the same and needs no exception.
 */
export function styleSingleton() {
  let held = 0;
  let sheet: CSSStyleSheet | null = null;
  const hold = (styles: string) => {
    held += 1;
    if (held > 1) return;
    sheet = new CSSStyleSheet();
    sheet.replaceSync(styles);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
  };
  const letGo = () => {
    held -= 1;
    if (held > 0) return;
    document.adoptedStyleSheets = document.adoptedStyleSheets.filter((one) => one !== sheet);
    sheet = null;
  };
  /** @param dynamic styles that change while it stands are taken anew */
  return function Sheet({
    styles,
    dynamic,
  }: {
    readonly styles: string;
    readonly dynamic?: boolean;
  }) {
    const taken = dynamic ? styles : '';
    useEffect(() => {
      hold(styles);
      return letGo;
      // As the package does: without `dynamic` the first styles stay.
      // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [taken]);
    return null;
  };
}
