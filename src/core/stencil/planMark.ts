import type { PlanPoint, Section } from '../containers/section';

/**
 * One mark of the stencil in centimetres on the plan: x to the right, z toward the front, 0 in the middle of the rim.
 * What it stands for (`what`) decides its ink; how wide lines and how large letters and symbols are is for whoever
 * paints it, on a screen or on paper.
 */
export type PlanMark =
  | { readonly kind: 'section'; readonly what: 'rim' | 'level'; readonly section: Section }
  | {
      readonly kind: 'circle';
      readonly what: 'ball' | 'spread' | 'blocker' | 'guide ring' | 'side hole' | 'planted side';
      readonly at: PlanPoint;
      readonly radiusCm: number;
    }
  | {
      readonly kind: 'line';
      readonly what: 'support' | 'sun' | 'shade' | 'sight' | 'broken sight' | 'guide';
      readonly points: readonly PlanPoint[];
    }
  | {
      readonly kind: 'arrow';
      readonly what: 'lean';
      readonly from: PlanPoint;
      readonly to: PlanPoint;
    }
  | {
      readonly kind: 'symbol';
      readonly what: 'emitter' | 'like place' | 'touched';
      readonly at: PlanPoint;
    }
  | {
      readonly kind: 'label';
      readonly what: 'letter' | 'side letter';
      readonly at: PlanPoint;
      readonly text: string;
    }
  | {
      readonly kind: 'label';
      readonly what: 'sun hour';
      readonly at: PlanPoint;
      readonly text: string;
      /** How far toward the front it is written when there is no room where it stands, cm. */
      readonly elseZCm: number;
    };
