'use client';

import { useMemo, useState } from 'react';
import { MARGIN_MM, PAPER_IDS, type PaperId } from '@/core/making/sheet';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { pageSvg, sheetSvg } from '@/drawing/sheetSvg';
import { Button } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { NumberField } from '@/ui/controls/fields';
import { Tick } from '@/ui/controls/Tick';
import { fileNameOf, saveBlob } from '@/ui/session/saveFile';
import { useSettings } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { templatePages, type Part } from '@/words/templatePages';

const PART_NAMES: readonly (readonly [Part, string])[] = [
  ['template', 'True size'],
  ['board', 'Press board'],
  ['plan', 'On one page'],
  ['labels', 'Labels'],
];
const PART_WORDS: Readonly<Record<Part, string>> = {
  template:
    'Print at 100%, without fitting it to the page. Lay a tape on the rulers first, then glue the pages cross on cross.',
  board:
    'For making many alike: saw the holes, lay the board on the mix and press a ball’s depth through each.',
  plan: 'To pin up by the bench: smaller than true, with the list of plants.',
  labels:
    'One for the container and one for each kind. The code opens this planting on this device.',
};

/** The plan on paper: what to print, on which paper, every page to be looked at first, saved as PDF or SVG. */
export default function TemplateSheet({
  it,
  onClose,
}: {
  readonly it: PlantingInSpot;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const [part, setPart] = useState<Part>('template');
  const [paper, setPaper] = useState<PaperId>(settings.length === 'in' ? 'Letter' : 'A4');
  const [marginMm, setMargin] = useState<number>(MARGIN_MM.usual);
  const [drip, setDrip] = useState(false);
  const [isWriting, setWriting] = useState(false);
  const found = useMemo(
    () => templatePages(it, { part, paper, marginMm, drip }, settings, window.location.origin),
    [it, part, paper, marginMm, drip, settings],
  );
  const name = `${fileNameOf(it.planting.name)}-${part}`;
  const savePdf = async () => {
    if (!found.ok) return;
    setWriting(true);
    const { savePdf: save } = await import('./writePdf');
    await save(found.pages, { title: it.planting.name, file: `${name}.pdf` });
    setWriting(false);
  };
  const saveSvg = () => {
    if (found.ok && found.sheet)
      saveBlob(
        `${name}.svg`,
        new Blob([sheetSvg(found.sheet, it.planting.name)], { type: 'image/svg+xml' }),
      );
  };
  return (
    <Modal
      title={`${it.planting.name} on paper`}
      onClose={onClose}
      className="top-[4vh] bottom-[4vh] flex max-w-4xl flex-col sm:p-5"
    >
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <Choices name="What" value={part} options={PART_NAMES} onPick={setPart} />
        <Choices
          name="Paper"
          value={paper}
          options={PAPER_IDS.map((id) => [id, id] as const)}
          onPick={setPaper}
        />
        {(part === 'template' || part === 'board') && (
          <span className="flex items-end gap-4">
            <span className="w-32">
              <NumberField name="White edge" suffix="mm" value={marginMm} onValue={setMargin} />
            </span>
            <Tick checked={drip} onChange={() => setDrip(!drip)}>
              Drip emitters
            </Tick>
          </span>
        )}
      </div>
      <p className="max-w-[70ch]">{PART_WORDS[part]}</p>
      {found.ok ? (
        <Pages pages={found.pages} />
      ) : (
        <p role="alert" className="text-lead font-semibold">
          ▲ {found.message}
        </p>
      )}
      <div className="flex flex-wrap gap-2 pt-1">
        <Button look="act" disabled={!found.ok || isWriting} onClick={() => void savePdf()}>
          {isWriting ? 'Writing…' : 'Save as PDF'}
        </Button>
        {found.ok && found.sheet && <Button onClick={saveSvg}>Save as SVG</Button>}
        <ModalClose asChild>
          <Button>Close</Button>
        </ModalClose>
      </div>
    </Modal>
  );
}

/** Every page small, in the order in which they lie on the bench. */
function Pages({
  pages,
}: {
  readonly pages: Extract<ReturnType<typeof templatePages>, { ok: true }>['pages'];
}) {
  const columns = new Set(pages.map(({ name }) => name.charAt(0))).size;
  const isGrid = pages.every(({ name }) => /^[A-Z]\d+$/.test(name));
  return (
    <div
      className="min-h-40 flex-1 overflow-y-auto bg-field p-3"
      tabIndex={0}
      role="group"
      aria-label="Pages"
    >
      <p className="pb-2 text-note text-ink2">{countText(pages.length, 'page')}</p>
      <ul
        className="grid justify-start gap-2"
        style={{
          gridTemplateColumns: `repeat(${isGrid ? columns : Math.min(3, pages.length)}, minmax(0, ${pages.length === 1 ? 320 : 200}px))`,
        }}
      >
        {pages.map((page) => (
          <li key={page.name}>
            {/* The page is drawn here a moment ago: there is nothing for a loader to do. */}
            {/* eslint-disable-next-line @next/next/no-img-element */}
            <img
              alt={`Page ${page.name}`}
              className="w-full bg-white"
              src={`data:image/svg+xml,${encodeURIComponent(pageSvg(page))}`}
            />
          </li>
        ))}
      </ul>
    </div>
  );
}
