import Papa from 'papaparse';
import { toHex, type Oklch } from '../colour/oklch';
import { folded } from '../plants/folded';
import type { PlantKind } from '../plants/kind';
import type { Library } from '../plants/library';
import { nearestKind, untold, withTold, type OwnKind, type Told } from '../plants/own';
import { ownKindSchema } from '../plants/ownSchema';
import { finished, type Work } from '../work/steps';
import { freeId } from './freeId';
import { parseWith } from './parse';
import { guessMapping, type PlantMapping } from './plantColumns';
import { readRow, rowOf, type RowRead } from './plantRow';
import {
  faultText,
  LISTED,
  MOST_PLANTS,
  NOTHING,
  valueText,
  type PlantsAnswer,
  type PlantsReading,
  type Quarrel,
} from './plantsReading';

/** Lines read between two looks at whether it is still wanted. */
const LINES_A_STEP = 50;

/**
 * Reads plants. Names decide what a line is about: a kind of the gardener's, one of the book, or a new one, guessed from the nearest. A value
 * of the gardener's own is never changed unless `takeTheirs`.
 */
export function readPlantsCsv(...asked: Parameters<typeof readingPlantsCsv>): PlantsAnswer {
  return finished(readingPlantsCsv(...asked));
}

/** The same, line by line; tells how far it is, 0–1. */
export function* readingPlantsCsv(
  text: string,
  library: Library,
  told: {
    readonly mapping?: PlantMapping;
    readonly takeTheirs?: boolean;
    readonly onShare?: (share: number) => void;
  } = {},
): Work<PlantsAnswer> {
  const table = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
  }).data;
  const headings = (table[0] ?? []).map((heading) => heading.trim());
  const message = noTable(headings, table.length - 1);
  if (message) return { kind: 'not a table', message };
  const mapping = told.mapping ?? guessMapping(headings);
  if (mapping.common == null)
    return {
      kind: 'read',
      reading: {
        ...NOTHING,
        headings,
        mapping,
        faulty: 1,
        faults: [{ line: 1, message: 'No column is chosen for the common name.' }],
      },
    };
  const intake = new Intake(library, told.takeTheirs ?? false);
  for (const [i, cells] of table.slice(1).entries()) {
    const row = rowOf(cells, i + 2, mapping);
    intake.take(row.line, readRow(row));
    if (i % LINES_A_STEP > 0) continue;
    told.onShare?.(i / table.length);
    yield;
  }
  return { kind: 'read', reading: { ...intake.reading(), headings, mapping } };
}

/** Why a file is no table of plants; `null` when it is one. */
function noTable(headings: readonly string[], lines: number): string | null {
  if (headings.length < 2 && !headings.some((heading) => /name|common|plant/i.test(heading)))
    return 'The file must be a table with a line of headings, one of them for the name.';
  return lines > MOST_PLANTS
    ? `A file has at most ${MOST_PLANTS} plants; got ${lines}. Nothing was taken in.`
    : null;
}

type Fields = Readonly<Record<string, unknown>>;

/** What has been taken from a file so far, line after line. */
class Intake {
  private readonly byName: ReadonlyMap<string, PlantKind>;
  private readonly byCommon: ReadonlyMap<string, PlantKind>;
  private readonly ids: Set<string>;
  private readonly tried = new Map<string, number>();
  /** Lines on which each name came first. */
  private readonly lineOf = new Map<string, number>();
  private readonly records: OwnKind[] = [];
  private readonly faults: { line: number; message: string }[] = [];
  private readonly quarrels: Quarrel[] = [];
  private added = 0;
  private changed = 0;
  private same = 0;
  private faulty = 0;
  private quarrelling = 0;

  constructor(
    private readonly library: Library,
    private readonly takeTheirs: boolean,
  ) {
    this.byName = new Map(
      library.kinds.map((kind) => [nameKey(kind.common, kind.botanical), kind]),
    );
    this.byCommon = new Map(library.kinds.map((kind) => [folded(kind.common), kind]));
    this.ids = new Set(library.kinds.map(({ id }) => id));
  }

  /** @param read what the line says, or what is wrong with it */
  take(line: number, read: RowRead | string): void {
    if (typeof read === 'string') return this.fault(line, read);
    const common = read.told.common!;
    const key = nameKey(common, read.told.botanical ?? '');
    const before = this.lineOf.get(key);
    if (before !== undefined) return this.fault(line, `"${common}" was on line ${before} already.`);
    this.lineOf.set(key, line);
    const known = read.told.botanical ? this.byName.get(key) : this.byCommon.get(folded(common));
    if (known) this.takeKnown(line, known, read);
    else this.takeNew(line, read);
  }

  reading(): Omit<PlantsReading, 'headings' | 'mapping'> {
    const { records, added, changed, same, faults, faulty, quarrels, quarrelling } = this;
    return { records, added, changed, same, faults, faulty, quarrels, quarrelling };
  }

  private fault(line: number, message: string): void {
    this.faulty += 1;
    if (this.faults.length < LISTED) this.faults.push({ line, message });
  }

  private takeNew(line: number, { told, stand }: RowRead): void {
    const id = freeId(told.common!, this.ids, this.tried);
    const likeId = nearestKind(this.library.kinds, told).id;
    if (!this.keep(line, { ...untold(id), ...stand, likeId, told })) return;
    this.ids.add(id);
    this.added += 1;
  }

  private takeKnown(line: number, known: PlantKind, read: RowRead): void {
    const mine = this.library.ownOf(known.id) ?? untold(known.id);
    const fresh = this.freshOf(line, mine, read.told.common!, news(known, read.told));
    const stand = Object.fromEntries(
      Object.entries(read.stand).filter(
        ([field, value]) => !isSame((mine as unknown as Fields)[field], value),
      ),
    );
    if (Object.keys(fresh).length === 0 && Object.keys(stand).length === 0) this.same += 1;
    else if (this.keep(line, { ...mine, ...stand, told: { ...mine.told, ...fresh } }))
      this.changed += 1;
  }

  /** What of the news is taken: what was not told yet, and what was told otherwise if the file's is to win. */
  private freshOf(line: number, mine: OwnKind, name: string, told: Partial<Told>): Fields {
    const taken: Record<string, unknown> = {};
    for (const [field, theirs] of Object.entries(told)) {
      const held = (mine.told as Fields)[field];
      const quarrels = held !== undefined && !isSame(held, theirs);
      if (quarrels)
        this.quarrel({ line, name, field, mine: valueText(held), theirs: valueText(theirs) });
      if (!quarrels || this.takeTheirs) taken[field] = theirs;
    }
    return taken;
  }

  private quarrel(quarrel: Quarrel): void {
    this.quarrelling += 1;
    if (this.quarrels.length < LISTED) this.quarrels.push(quarrel);
  }

  private keep(line: number, record: unknown): boolean {
    const parsed = parseWith<OwnKind>(ownKindSchema, record);
    if (parsed.ok) this.records.push(parsed.value);
    else this.fault(line, faultText(parsed.faults[0]!));
    return parsed.ok;
  }
}

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

const nameKey = (common: string, botanical: string): string =>
  `${folded(common)}|${folded(botanical)}`;

/** What a row tells, without what the book says already. Colours are compared as they are written. */
function news(known: PlantKind, told: Told): Partial<Told> {
  const bare = JSON.stringify(known);
  const said = (field: string, value: unknown): boolean => {
    switch (field) {
      case 'common':
      case 'botanical':
        return true;
      case 'leafColour':
        return toHex(value as Oklch) === toHex(known.foliage.main);
      case 'flowerColour':
        return known.bloom !== null && toHex(value as Oklch) === toHex(known.bloom.main);
      case 'size':
        return known.sold[0]!.size === value;
      case 'price':
        return known.sold[0]!.price === value;
      default:
        return JSON.stringify(withTold(known, { [field]: value } as Told)) === bare;
    }
  };
  return Object.fromEntries(
    Object.entries(told).filter(([field, value]) => value !== undefined && !said(field, value)),
  ) as Partial<Told>;
}
