import type { Day } from '../calendar/day';
import type { What } from '../log/entry';
import type { PlaceId } from '../plantings/planting';
import type { Question } from '../plantings/trial';
import type { KindId } from '../plants/kind';
import type { CareWorld } from './world';

/** What is carried on a round. */
export type Tool = 'can' | 'feed' | 'snips' | 'fleece' | 'ties' | 'bag' | 'trolley' | 'wrap';

/** Something to do to one planting within a window of days. Reckoned afresh each day, never stored. */
export interface Task {
  /** The same as long as it is the same task: planting, rule, window. */
  readonly key: string;
  readonly plantingId: string;
  readonly rule: RuleId;
  readonly earliest: Day;
  readonly best: Day;
  readonly latest: Day;
  readonly minutes: number;
  /** Litres to carry; 0: none. */
  readonly litres: number;
  readonly tools: readonly Tool[];
  /** Plants it is about; empty: all of it. */
  readonly places: readonly PlaceId[];
  /** What may not be left without harm. */
  readonly isUrgent: boolean;
  readonly facts: Facts;
}

/** Why, with figures: put into words elsewhere. */
export type Facts =
  | {
      readonly rule: 'water';
      readonly share: number;
      readonly litres: number;
      readonly part: 'morning' | 'evening';
      readonly sure: number;
      readonly timesADay: number;
      readonly factor: number;
      /** The last day of the week gone by on which it may have wilted; `null`: none. */
      readonly wiltedOn: Day | null;
    }
  | {
      readonly rule: 'feed';
      readonly what: 'liquid' | 'pellets' | 'slow-release';
      readonly amount: number;
      readonly perCanMl: number | null;
      readonly everyDays: number;
      readonly since: Day | null;
    }
  | { readonly rule: 'pinch' | 'deadhead' | 'tie' | 'tidy'; readonly kinds: readonly KindId[] }
  | {
      readonly rule: 'trim';
      readonly bully: KindId;
      readonly victim: KindId | null;
      readonly inDays: number;
    }
  | { readonly rule: 'turn'; readonly everyDays: number }
  | { readonly rule: 'look'; readonly pests: readonly Pest[]; readonly kinds: readonly KindId[] }
  | {
      readonly rule: 'cover' | 'bring in';
      readonly kinds: readonly KindId[];
      readonly nightC: number;
      readonly missC: number;
      readonly on: Day;
    }
  | { readonly rule: 'uncover'; readonly nightC: number }
  | {
      readonly rule: 'after frost';
      readonly kinds: readonly KindId[];
      readonly nightC: number;
      readonly on: Day;
      readonly wasCovered: boolean;
    }
  | {
      readonly rule: 'harden off';
      readonly kinds: readonly KindId[];
      readonly hours: number;
      readonly day: number;
      readonly of: number;
    }
  | { readonly rule: 'wrap'; readonly coldC: number; readonly on: Day }
  | {
      readonly rule: 'move';
      /** What the leaves of the tree that shades it do. */
      readonly leaves: 'falling' | 'coming';
      /** Hours of sun and light through leaves, before and after. */
      readonly fromH: number;
      readonly toH: number;
      readonly kinds: readonly KindId[];
    }
  | { readonly rule: 'line'; readonly suspect: 'stopped' | 'leak' }
  | {
      readonly rule: 'ask';
      readonly trialId: string;
      /** Its name. */
      readonly trial: string;
      /** The day of asking all pots have. */
      readonly asking: Day;
      /** Not answered yet. */
      readonly questions: readonly Question[];
    }
  | { readonly rule: 'swap'; readonly kinds: readonly KindId[] };

export type RuleId = Facts['rule'];

/** What may be found on plants of a month, in general terms. */
export type Pest =
  | 'aphids'
  | 'slugs and snails'
  | 'red spider mite'
  | 'whitefly'
  | 'vine weevil'
  | 'mildew'
  | 'grey mould'
  | 'leaf miners';

/** One rule. One file. */
export interface Rule {
  readonly id: RuleId;
  /** Entries that answer its tasks when they were written within the window. */
  readonly answeredBy: readonly What['did'][];
  /** Candidates whose window is open on that day, or opens within a week. Those that were answered are left out by the engine. */
  readonly tasks: (world: CareWorld) => readonly Candidate[];
}

/** A task as a rule tells it; what follows from the rule is added. */
export type Candidate = Omit<
  Task,
  'key' | 'plantingId' | 'rule' | 'tools' | 'places' | 'litres' | 'isUrgent'
> &
  Partial<Pick<Task, 'tools' | 'places' | 'litres' | 'isUrgent'>> & {
    /** What tells this window from the next. */
    readonly window: string;
  };
