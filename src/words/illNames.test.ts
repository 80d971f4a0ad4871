/** @jest-environment jsdom */
import Papa from 'papaparse';
import { HALT } from '../../tests/builders/halt';
import { ILL_NAMES } from '../../tests/builders/illNames';
import { escaped } from '@/core/files/markup';
import { toPlantsCsv } from '@/core/files/plantsCsvOut';
import { parseShelfCsv, toShelfCsv } from '@/core/files/shelfCsv';
import type { Entry } from '@/core/log/entry';
import { BOOK, kindOf } from '@/core/plants/book/index';
import { libraryOf } from '@/core/plants/library';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { toSvg } from '@/drawing/svg';
import { pageSvg, sheetSvg } from '@/drawing/sheetSvg';
import { diaryCsv } from './diaryCsv';
import { pageHtml } from './pageFor';
import { templatePages } from './templatePages';

const METRIC = { length: 'cm', currency: '£' } as const;
const each = ILL_NAMES.map((name) => [JSON.stringify(name).slice(0, 40), name] as const);
const { shelf: SHELF } = rillbankHalt();
const library = libraryOf(BOOK, [], 'european');

/** A planting whose every name is this one. */
function called(name: string): PlantingInSpot {
  const it = HALT[0]!;
  return {
    ...it,
    planting: { ...it.planting, name, container: { ...it.planting.container, name } },
    spot: { ...it.spot, name },
    plants: it.plants.map((plant) => ({ ...plant, kind: { ...plant.kind, common: name } })),
  };
}

/** A document that a browser reads without a word, and that holds nothing that runs. */
function read(text: string, type: 'image/svg+xml' | 'text/html'): Document {
  const document = new DOMParser().parseFromString(text, type);
  expect(document.querySelector('parsererror')?.textContent ?? '').toBe('');
  expect(document.querySelectorAll('script, [onerror], [onload], foreignObject')).toHaveLength(0);
  return document;
}

/** What is shown of a name where only letters that XML knows may stand. */
const shown = (name: string): string => {
  const holder = document.createElement('i');
  holder.innerHTML = escaped(name);
  return holder.textContent ?? '';
};

describe.each(each)('a name of %s', (_, name) => {
  test('is text in every drawing on paper', () => {
    const it = called(name);
    for (const part of ['template', 'board', 'plan', 'labels'] as const) {
      const found = templatePages(
        it,
        { part, paper: 'A4', marginMm: 12, drip: false },
        METRIC,
        'http://here',
      );
      if (!found.ok) throw new Error(found.message);
      for (const page of found.pages) read(pageSvg(page), 'image/svg+xml');
      if (found.sheet) {
        const svg = read(sheetSvg(found.sheet, name), 'image/svg+xml');
        expect(svg.querySelector('title')!.textContent).toBe(shown(name).replace(/\r\n?/g, '\n'));
      }
    }
    const picture = { layers: [], widthPx: 10, heightPx: 10 } as never;
    read(toSvg(picture, { title: name, background: null }), 'image/svg+xml');
  });

  test('is text in the page for somebody else', () => {
    const parts = {
      title: name,
      under: name,
      pictures: [{ src: 'data:image/png;base64,AAAA', told: name }],
      planSvg: '',
      plants: [{ letter: 'A', name, botanical: name, count: 1, size: name }],
      care: [name],
      diary: [{ day: name, text: name }],
      cautions: [name],
    };
    const page = read(pageHtml([parts, parts], name), 'text/html');
    expect(page.querySelectorAll('img')).toHaveLength(2);
    expect(page.querySelectorAll('style')).toHaveLength(1);
    expect(page.querySelectorAll('article, h2.planting').length).toBe(2);
    for (const image of page.querySelectorAll('img'))
      expect(image.getAttribute('src')).toMatch(/^data:/);
  });

  test('is one cell in tables, and no formula', () => {
    const entry: Entry = {
      id: 'e1',
      at: '2026-07-14T08:00',
      zone: 'Europe/London',
      of: { plantingId: 'p1' },
      what: { did: 'noted', words: name },
      who: name,
    };
    const diary = diaryCsv([entry], { kindOf, nameOf: () => name, units: METRIC });
    const [item] = SHELF;
    const shelf = toShelfCsv([{ ...item!, kept: name, container: { ...item!.container, name } }]);
    const plants = toPlantsCsv([{ ...BOOK[0]!, common: name }], library);
    for (const text of [diary, shelf, plants]) {
      const { data, errors } = Papa.parse<string[]>(text, { skipEmptyLines: true });
      expect(errors).toEqual([]);
      expect(data).toHaveLength(2);
      expect(data[1]).toHaveLength(data[0]!.length);
      for (const cell of data[1]!) expect(cell).not.toMatch(/^\s*[=+@＝＋＠]/);
    }
    // A line break ends no record on the way back either.
    const again = parseShelfCsv(shelf, () => 'again');
    expect(again.kind === 'faulty' ? 1 : again.items.length).toBe(1);
  });
});
