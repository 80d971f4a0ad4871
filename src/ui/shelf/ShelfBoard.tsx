'use client';

import { notOver } from '@/core/log/story';
import { RoomLink } from '@/ui/controls/RoomLink';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { mixL, type Container } from '@/core/containers/container';
import { SHIPPED } from '@/core/shelf/shipped';
import { standings, type ShelfItem } from '@/core/shelf/shelf';
import { Ruler } from '@/ui/controls/Ruler';
import { useWidth } from '@/ui/controls/useWidth';
import { shelfHref } from '@/ui/session/links';
import { saveFile } from '@/ui/session/saveFile';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { readText } from '@/ui/session/readText';
import { say } from '@/ui/session/say';
import { useLive, useSettings, useStore } from '@/ui/session/StoreProvider';
import { MATERIAL_NAMES, sizeText } from '@/words/containers';
import { countText, volumeText } from '@/words/format';
import { ContainerPicture, containerExtent } from './ContainerPicture';
import { Waiting } from './Waiting';
import { Button } from '@/ui/controls/Button';
import { ShelfHead } from './ShelfHead';

const RULER_PX = 36;
const GAP_PX = 18;
/** Largest shelf file read, bytes. */
const LARGEST_BYTES = 2_000_000;

/** Least room for a container's words, px. */
const LEAST_PX = 124;

interface Standee {
  readonly key: string;
  readonly container: Container;
  readonly note: string;
  readonly href: string | null;
  readonly onPick?: () => void;
}

/** Every container the gardener has, and the kinds to start from, standing on ruled shelves at one scale. */
export function ShelfBoard() {
  const store = useStore();
  const router = useRouter();
  const settings = useSettings();
  const loaded = useLive(async (s) => ({
    items: await s.shelf.all(),
    plantings: notOver(await s.plantings.all(), await s.log.entries()),
  }));
  const [ref, width] = useWidth<HTMLDivElement>();
  const [faults, setFaults] = useState<{
    readonly file: string;
    readonly list: readonly { readonly line: number; readonly message: string }[];
    readonly more: number;
  } | null>(null);
  const stands = loaded && standings(loaded.items, loaded.plantings);
  const pxPerCm = width < 520 ? 1.5 : 1.9;

  const take = async (container: Container) => {
    const id = newId();
    await store?.shelf.put({ id, container, count: 1, kept: '', demo: false });
    router.push(shelfHref(id));
  };
  const bringIn = async (file: File) => {
    setFaults(null);
    const refuse = (message: string) =>
      setFaults({ file: file.name, list: [{ line: 1, message }], more: 0 });
    const given = await readText(file, LARGEST_BYTES);
    if (!given.ok) return refuse(given.message);
    const { parseShelfCsv } = await import('@/core/files/shelfCsv');
    const read = parseShelfCsv(given.text, newId);
    if (read.kind === 'faulty')
      return setFaults({ file: file.name, list: read.faults, more: read.more });
    await store?.shelf.put(...read.items);
    say(`${countText(read.items.length, 'container')} came onto the shelf.`, {
      label: 'Take them off again',
      go: () => void Promise.all(read.items.map(({ id }) => store?.shelf.take(id))),
    });
  };
  const saveAll = async (items: readonly ShelfItem[]) => {
    const { toShelfCsv } = await import('@/core/files/shelfCsv');
    saveFile('shelf.csv', 'text/csv', toShelfCsv(items));
  };

  return (
    <div className="pt-3.5" ref={ref}>
      <ShelfHead stands={stands} bringIn={bringIn} saveAll={saveAll} items={loaded?.items ?? []} />
      <UnreadableSheet tables={['shelf']} />
      {faults && (
        <div role="alert" className="mb-4 bg-paper px-4 py-3">
          <p className="font-semibold">
            ▲ {faults.file} was not taken in. Nothing here has changed.
          </p>
          <ul className="mt-1 grid gap-0.5">
            {faults.list.map(({ line, message }) => (
              <li key={`${line}${message}`}>
                Line {line}: {message}
              </li>
            ))}
          </ul>
          {faults.more > 0 && <p>and {faults.more} more.</p>}
        </div>
      )}
      {!stands || width === 0 ? (
        <Waiting />
      ) : (
        <>
          {stands.length > 0 && (
            <Boards
              label="Yours"
              widthPx={width}
              pxPerCm={pxPerCm}
              unit={settings.length}
              standees={stands.map(({ item, empty, planted }) => ({
                key: item.id,
                container: item.container,
                href: shelfHref(item.id),
                note: `${item.count > 1 ? `${item.count} of them, ` : ''}${planted.length === 0 ? (item.kept ? `empty, ${item.kept}` : 'empty') : empty === 0 ? 'planted' : `${empty} empty${item.kept ? `, ${item.kept}` : ''}`}`,
              }))}
            />
          )}
          <h2 className="display pt-6 pb-1 text-drawing leading-7">Kinds to start from</h2>
          <p className="pb-3 text-ink2">
            Common kinds and sizes, by inside measures. Pick one, then put a tape in your own: the
            tape wins.
          </p>
          <Boards
            label="Kinds to start from"
            widthPx={width}
            pxPerCm={pxPerCm}
            unit={settings.length}
            standees={SHIPPED.map((container) => ({
              key: container.name,
              container,
              href: null,
              onPick: () => void take(container),
              note: `${sizeText(container.shape, settings.length)} ${settings.length}, ${MATERIAL_NAMES[container.material]}, ${volumeText(mixL(container), settings).replace(' ', '\u00a0')}`,
            }))}
          />
        </>
      )}
    </div>
  );
}

function newId(): string {
  return `shelf-${crypto.randomUUID().slice(0, 8)}`;
}

interface BoardsProps {
  readonly label: string;
  readonly standees: readonly Standee[];
  readonly widthPx: number;
  readonly pxPerCm: number;
  readonly unit: 'cm' | 'in';
}

/** As many boards as it takes, filled from left to right, each as high as its tallest. */
function Boards({ label, standees, widthPx, pxPerCm, unit }: BoardsProps) {
  const needs = standees.map(({ container }) =>
    Math.max(LEAST_PX, Math.round(containerExtent(container).halfCm * 2 * pxPerCm)),
  );
  const boards: number[][] = [];
  let room = 0;
  needs.forEach((need, i) => {
    if (boards.length === 0 || room < need + GAP_PX) {
      boards.push([]);
      room = widthPx - RULER_PX - GAP_PX;
    }
    boards[boards.length - 1]!.push(i);
    room -= need + GAP_PX;
  });
  return (
    <section aria-label={label} className="grid gap-5">
      {boards.map((board) => {
        const height =
          Math.round(
            Math.max(...board.map((i) => containerExtent(standees[i]!.container).heightCm)) *
              pxPerCm,
          ) + 24;
        return (
          <div key={standees[board[0]!]!.key}>
            <div className="relative overflow-hidden bg-field" style={{ height }}>
              <div className="absolute inset-y-0 left-0">
                <Ruler
                  upright
                  lengthPx={height}
                  zeroPx={8}
                  pxPerCm={pxPerCm}
                  unit={unit}
                  thickness={RULER_PX}
                />
              </div>
              <ul
                className="absolute inset-0 flex items-end"
                style={{ paddingLeft: RULER_PX + GAP_PX, gap: GAP_PX }}
              >
                {board.map((i) => {
                  const { key, container, href, onPick } = standees[i]!;
                  const picture = (
                    <ContainerPicture
                      container={container}
                      pxPerCm={pxPerCm}
                      widthPx={needs[i]!}
                      heightPx={height}
                      footPx={8}
                    />
                  );
                  return (
                    <li key={key} style={{ width: needs[i] }}>
                      {href ? (
                        <RoomLink
                          href={href}
                          aria-label={`${container.name}: measure it`}
                          className="block"
                        >
                          {picture}
                        </RoomLink>
                      ) : (
                        <Button
                          look="bare"
                          aria-label={`${container.name}: put one on the shelf`}
                          className="block"
                          onClick={onPick}
                        >
                          {picture}
                        </Button>
                      )}
                    </li>
                  );
                })}
              </ul>
            </div>
            <ul
              className="flex border-t-[1.5px] border-tick pt-1.5"
              style={{ paddingLeft: RULER_PX + GAP_PX, gap: GAP_PX }}
            >
              {board.map((i) => (
                <li
                  key={standees[i]!.key}
                  className="text-center text-note leading-[17px]"
                  style={{ width: needs[i] }}
                >
                  <b className="block font-semibold">{standees[i]!.container.name}</b>
                  <span className="text-ink2">{standees[i]!.note}</span>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}
