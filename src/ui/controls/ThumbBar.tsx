import type { ReactNode } from 'react';

/** The main actions of a room where hands are wet: at the foot of the window, in reach of the thumb. The room leaves `pb-28` for it. */
export function ThumbBar({ children }: { readonly children: ReactNode }) {
  return (
    <div className="fixed inset-x-0 bottom-0 z-30 border-t border-rule2 bg-zinc px-4 py-3 max-sm:bottom-14 max-sm:py-2 lying:left-[76px] lying:py-1.5">
      <div className="mx-auto flex max-w-[1272px] gap-3">{children}</div>
    </div>
  );
}

/** Looks of what is pressed there. */
export const THUMB_MAIN = 'min-h-16 lying:min-h-12 min-w-0 flex-1 text-name!';
export const THUMB_BACK = 'min-h-16 lying:min-h-12 min-w-24 text-name!';
