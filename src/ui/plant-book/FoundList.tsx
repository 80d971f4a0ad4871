'use client';

import { useVirtualizer } from '@tanstack/react-virtual';
import { Star } from 'lucide-react';
import { useCallback, useMemo, useRef } from 'react';
import { ROLES, type PlantKind } from '@/core/plants/kind';
import type { Library } from '@/core/plants/library';
import type { Finding, Query } from '@/core/search/query';
import { Swatches } from '@/ui/controls/Swatches';
import type { Benches } from '@/ui/session/useBenches';
import { countText, type Units } from '@/words/format';
import { ROLE_NAMES } from '@/words/names';
import { againstText, offeredText } from '@/words/plants';
import { drawnHeightPx } from './grown';
import { KindDrawn } from './KindDrawn';
import { Button } from '@/ui/controls/Button';
import { Tick } from '@/ui/controls/Tick';

interface FoundProps {
  readonly suited: readonly Finding[];
  readonly nearly: readonly Finding[];
  readonly query: Query;
  readonly library: Library;
  readonly benches: Benches;
  readonly units: Units;
  readonly columns: number;
  readonly openId: string | null;
  readonly onOpen: (id: string) => void;
  readonly compared: readonly string[];
  readonly onCompare: (id: string) => void;
}

type Line =
  | { readonly kind: 'heading'; readonly text: string; readonly count: number }
  | { readonly kind: 'plants'; readonly found: readonly Finding[] };

/** Height of a heading, least height of a row of plants and room about a drawing, px. */
const HEADING_PX = 40;
const LEAST_ROW_PX = 76;
const AROUND_PX = 12;
/** All are drawn to one scale; a row is as tall as the tallest in it. */
const PX_PER_CM = 0.8;
const DRAWN_PX = 92;

const rowPx = (found: readonly Finding[]) =>
  Math.max(LEAST_ROW_PX, ...found.map(({ kind }) => drawnHeightPx(kind, PX_PER_CM) + AROUND_PX));

/** What was found, by the role it would play, drawn to one scale; then what has one thing against it. Only rows in sight are made. */
export function FoundList({ suited, nearly, columns, query, ...rest }: FoundProps) {
  const lines = useMemo(
    () => linesOf(suited, nearly, columns, query),
    [suited, nearly, columns, query],
  );
  const scroller = useRef<HTMLDivElement>(null);
  // Other lines have other heights: the list lays itself out anew when its keys change.
  const keyOf = useCallback(
    (i: number) => {
      const line = lines[i];
      return line?.kind === 'plants' ? `${i} ${line.found[0]?.kind.id}` : `${i} ${line?.text}`;
    },
    [lines],
  );
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: lines.length,
    getItemKey: keyOf,
    getScrollElement: () => scroller.current,
    estimateSize: (i) => {
      const line = lines[i];
      return line?.kind === 'plants' ? rowPx(line.found) : HEADING_PX;
    },
    overscan: 6,
    initialRect: { width: 600, height: 660 },
  });
  return (
    <div
      ref={scroller}
      className="h-[70vh] min-h-[420px] overflow-y-auto bg-paper"
      tabIndex={0}
      role="region"
      aria-label="Plants found"
    >
      <div className="relative" style={{ height: rows.getTotalSize() }}>
        {rows.getVirtualItems().map(({ index, start, size }) => {
          const line = lines[index]!;
          return (
            <div key={index} className="absolute inset-x-0" style={{ top: start, height: size }}>
              {line.kind === 'heading' ? (
                <h2 className="flex h-full items-end gap-2 border-b border-rule px-3 pb-1 text-body font-semibold">
                  {line.text}
                  <span className="font-normal text-ink2">{line.count}</span>
                </h2>
              ) : (
                <ul
                  className="grid h-full"
                  style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}
                >
                  {line.found.map((finding) => (
                    <Entry key={finding.kind.id} finding={finding} query={query} {...rest} />
                  ))}
                </ul>
              )}
            </div>
          );
        })}
      </div>
    </div>
  );
}

function linesOf(
  suited: readonly Finding[],
  nearly: readonly Finding[],
  columns: number,
  query: Query,
): readonly Line[] {
  const lines: Line[] = [];
  const put = (text: string, found: readonly Finding[]) => {
    if (found.length === 0) return;
    lines.push({ kind: 'heading', text, count: found.length });
    for (let i = 0; i < found.length; i += columns)
      lines.push({ kind: 'plants', found: found.slice(i, i + columns) });
  };
  // By colour the nearest come first, whatever their role.
  if (query.colour) put('Nearest in colour first', suited);
  else
    for (const role of query.role ? [query.role] : ROLES)
      put(
        `${ROLE_NAMES[role]} plants`,
        suited.filter(({ kind }) => query.role !== null || kind.roles[0] === role),
      );
  put('Nearly: one thing against', nearly);
  return lines;
}

function Entry({
  finding: { kind, against },
  query,
  library,
  benches,
  units,
  openId,
  onOpen,
  compared,
  onCompare,
}: { readonly finding: Finding } & Omit<FoundProps, 'suited' | 'nearly' | 'columns'>) {
  const own = library.ownOf(kind.id);
  const open = kind.id === openId;
  return (
    <li
      className={`relative border-b border-rule ${open ? 'bg-wash outline-2 -outline-offset-2 outline-ink' : ''} ${against ? 'text-ink2' : ''}`}
    >
      <Button
        look="bare"
        data-kind={kind.id}
        aria-pressed={open}
        onClick={() => onOpen(kind.id)}
        className="grid h-full w-full grid-cols-[92px_minmax(0,1fr)_44px] items-end gap-3 px-3 py-1.5 text-left hover:bg-wash"
      >
        <KindDrawn kind={kind} pxPerCm={PX_PER_CM} widthPx={DRAWN_PX} />
        <span className="self-center">
          <span className="block truncate leading-4 font-semibold text-ink">
            {own?.favourite && (
              <Star size={12} aria-label="favourite" className="mr-1 inline fill-current" />
            )}
            {kind.common}
          </span>
          <span className="line-clamp-3 text-note leading-[15px]">
            {own?.never != null
              ? `never again: ${own.never}`
              : against
                ? againstText(kind, against, query, units)
                : offeredText(kind, query, units, benches.lines ? benches.linesOf(kind.id) : null)}
            {own && own.owned > 0 ? `; ${countText(own.owned, 'in the shed', 'in the shed')}` : ''}
          </span>
        </span>
        <span />
      </Button>
      <span className="pointer-events-none absolute top-2 right-3 w-9">
        <Swatches kind={kind as PlantKind} height={16} />
      </span>
      <Tick
        className="absolute right-3 bottom-1.5 flex-row-reverse text-mark text-ink2"
        large
        aria-label={`Compare ${kind.common}`}
        title="Compare it with others"
        checked={compared.includes(kind.id)}
        onChange={() => onCompare(kind.id)}
      >
        <span aria-hidden className="hidden wide:inline">
          compare
        </span>
      </Tick>
    </li>
  );
}
