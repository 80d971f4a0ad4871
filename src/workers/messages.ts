import type { Container } from '@/core/containers/container';
import type { Fits } from '@/core/placing/fits';
import type { PlaceId, Planting, PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import type { Gardener } from '@/core/plants/library';
import type { Ask } from '@/core/search/ask';
import type { Obstacles } from '@/core/search/obstacles';
import type { Proposal } from '@/core/search/proposal';
import type { Progress } from '@/core/search/propose';
import type { StandIn } from '@/core/search/standIns';
import type { PlantNeed } from '@/core/making/needs';
import type { TripPlan } from '@/core/making/trip';
import type { BenchLine } from '@/core/shopping/stops';
import type { Parsed } from '@/core/files/parse';
import type { Backup, PlantingFile } from '@/core/files/plantingFile';
import type { PlantMapping } from '@/core/files/plantColumns';
import type { PlantsAnswer } from '@/core/files/plantsReading';
import type { CsvAnswers, CsvReading } from '@/core/files/weatherCsv';
import type { Seen } from '@/core/checks/outlook';
import type { RemakeAnswer, RemakeAsk } from '@/core/search/remaking';
import type { PocketSeason, PocketYear } from '@/core/search/pockets';
import type { GroupMember } from '@/core/search/group';
import type { Subject } from '@/core/seeing/subject';
import type { PictureRequest } from '@/drawing/picturing';
import type { NewKinds, SubjectByNumber } from './kindsOnce';
import type { AwayPot } from '@/core/care/away';
import type { SeasonWater } from '@/core/care/season';
import type { Warning } from '@/core/care/warnings';
import type { DripZone } from '@/core/care/drip';
import type { DayWeather } from '@/core/climate/weather';
import type { Care, CareAsk } from '@/core/care/careOf';
import type { YardSeason } from '@/core/checks/yardSeason';
import type { Fix } from '@/core/checks/opinion';
import type { CheckId } from '@/core/checks/rules/index';

/** An ask without the plants: the worker has the book, and is told of the gardener's own kinds. */
export type AskMessage = Omit<Ask, 'kinds'> & { readonly only: readonly KindId[] | null };

/** A planting without the records of its plants: the worker has the book, and knows the gardener's own kinds. */
export type Stand = Pick<PlantingInSpot, 'planting' | 'spot' | 'house' | 'weeksBefore'>;

export interface PaintRequest extends PictureRequest {
  /** Device pixels per picture pixel. */
  readonly density: number;
}

export type GrowRequest = Pick<PictureRequest, 'subject' | 'weeks'>;

/** A picture as a file: drawn in full, on a ground of its own. */
export interface SaveRequest extends PaintRequest {
  readonly as: 'svg' | 'png';
  readonly title: string;
  /** `#rrggbb` */
  readonly ground: string;
}

/** What came of reading files, and which kinds they still call by an old name. */
export interface FileRead {
  readonly read: Parsed<PlantingFile | Backup>;
  readonly renamed: readonly (readonly [was: KindId, is: KindId])[];
}

/** Every job a worker does: what is asked, what it tells on the way, what it answers. */
export interface Jobs {
  propose: {
    request: AskMessage & {
      readonly effort: number;
      readonly wanted: number;
      readonly improve: number;
    };
    progress: Progress;
    result: readonly Proposal[];
  };
  obstacles: { request: AskMessage; progress: never; result: Obstacles };
  standIns: {
    request: {
      readonly it: PlantingInSpot;
      readonly kindId: KindId;
      readonly only: readonly KindId[] | null;
      readonly place?: string | null;
    };
    progress: never;
    result: readonly StandIn[];
  };
  fixes: {
    request: { readonly it: PlantingInSpot; readonly checks: readonly CheckId[] };
    progress: never;
    result: Readonly<Partial<Record<CheckId, Fix>>>;
  };
  seen: {
    request: { readonly it: PlantingInSpot };
    progress: never;
    result: readonly (readonly [week: number, seen: Seen])[];
  };
  remake: {
    request: { readonly it: PlantingInSpot; readonly how: RemakeAsk };
    progress: never;
    result: RemakeAnswer;
  };
  group: {
    request: {
      readonly containers: readonly Container[];
      readonly ask: Omit<AskMessage, 'container'>;
    };
    progress: never;
    result: readonly GroupMember[] | null;
  };
  care: {
    request: Omit<CareAsk, 'its'> & {
      readonly stands: readonly Stand[];
      readonly away?: { readonly from: string; readonly to: string };
      /** Is the water of the whole season asked for too? */
      readonly isSeasonAsked?: boolean;
    };
    progress: {
      readonly care: readonly Care[];
      readonly skies: ReadonlyMap<string, DayWeather>;
    };
    result: {
      readonly care: readonly Care[];
      readonly away: readonly AwayPot[];
      readonly season: readonly SeasonWater[];
      readonly warnings: readonly Warning[];
      /** The weather of the day by spot. */
      readonly skies: ReadonlyMap<string, DayWeather>;
      readonly drips: readonly DripZone[];
    };
  };
  /** Pockets of the next four seasons round a frame that stays. */
  pockets: {
    request: {
      readonly it: PlantingInSpot;
      readonly from: number;
      readonly frame: readonly PlaceId[] | null;
      readonly picks: readonly number[];
      readonly named: Readonly<Record<PocketSeason, Pick<Planting, 'id' | 'name'>>>;
    };
    progress: never;
    result: PocketYear;
  };
  yardSeason: {
    request: { readonly its: readonly PlantingInSpot[] };
    progress: never;
    result: YardSeason | null;
  };
  readWeather: {
    request: { readonly text: string; readonly answers: CsvAnswers };
    progress: never;
    result: CsvReading;
  };
  readPlants: {
    request: {
      readonly text: string;
      readonly mapping?: PlantMapping;
      readonly takeTheirs?: boolean;
    };
    /** Share read so far, 0–1. */
    progress: number;
    result: PlantsAnswer;
  };
  readFiles: {
    request: { readonly buffers: readonly ArrayBuffer[] };
    /** Share read so far, 0–1. */
    progress: number;
    result: FileRead;
  };
  shop: {
    request: {
      readonly needs: readonly PlantNeed[];
      /** What is on the benches of each stop, and what going there costs, pence or cents. */
      readonly stops: readonly {
        readonly id: string;
        readonly tripMinor: number;
        readonly lines: readonly BenchLine[];
      }[];
      /** Go to all of these, rather than to the cheapest set. */
      readonly all: boolean;
    };
    progress: never;
    result: TripPlan;
  };
  fits: { request: { readonly container: Container }; progress: never; result: Fits };
  paint: { request: PaintRequest; progress: never; result: ImageBitmap };
  save: { request: SaveRequest; progress: never; result: Blob };
  /** Grown for a picture that may be asked for soon; done when nothing else is waited for. */
  grow: { request: GrowRequest; progress: never; result: null };
}

export type JobName = keyof Jobs;
/** Jobs of the thinking worker; the others draw. */
export type ThinkingJob = Exclude<JobName, DrawingJob>;
export type DrawingJob = 'paint' | 'save' | 'grow';

/** What is drawn crosses with its kinds by number; those not sent before come along. */
type Crossing<R extends { readonly subject: Subject }> = Omit<R, 'subject'> & {
  readonly subject: SubjectByNumber;
};

/** To the thinking worker. */
export type ToThinker =
  | {
      [N in ThinkingJob]: {
        readonly id: number;
        readonly job: N;
        readonly request: Jobs[N]['request'];
      };
    }[ThinkingJob]
  | { readonly id: number; readonly job: 'cancel' }
  | { readonly id: number; readonly job: 'are you there' }
  | { readonly id: number; readonly job: 'gardener'; readonly request: Gardener };

/** To the drawing worker. */
export type ToDrawer =
  | {
      [N in DrawingJob]: {
        readonly id: number;
        readonly job: N;
        readonly request: Crossing<Jobs[N]['request']>;
        readonly kinds: NewKinds;
      };
    }[DrawingJob]
  | { readonly id: number; readonly job: 'cancel' }
  | { readonly id: number; readonly job: 'are you there' };

export type FromWorker =
  | { readonly id: number; readonly kind: 'here' }
  | { readonly id: number; readonly kind: 'progress'; readonly value: unknown }
  | { readonly id: number; readonly kind: 'result'; readonly value: unknown }
  | { readonly id: number; readonly kind: 'error'; readonly message: string };
