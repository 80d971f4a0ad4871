import { type ReactNode } from 'react';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';

/** Do all ways say the same here? */
export const allAlike = (texts: readonly ReactNode[]): boolean =>
  texts.every((text) => text === texts[0]);

/** Ways side by side in figures. */
export function WaysTable({
  ways,
  onUse,
  told,
}: {
  readonly ways: readonly {
    readonly id: string;
    readonly name: string;
    readonly it: PlantingInSpot;
  }[];
  readonly onUse: (id: string) => void;
  readonly told: { title: string; texts: ReactNode[] }[];
}) {
  return (
    <table className="mt-2 w-full table-fixed text-small">
      <thead>
        <tr>
          {ways.map(({ id, name: called }, i) => (
            <th key={id} scope="col" className="px-2 py-1 text-left align-top font-semibold">
              {called}
              {i > 0 && (
                <Button look="link" className="ml-2" onClick={() => onUse(id)}>
                  Use it
                </Button>
              )}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {told.map(({ title, texts }) => (
          <tr key={title} className={allAlike(texts) ? 'text-ink2' : ''}>
            {texts.map((text, i) => (
              <td key={i} className="border-t border-rule px-2 py-1.5 align-top">
                <span className="block text-note text-ink2">{title}</span>
                {text}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
