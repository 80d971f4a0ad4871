import type { Oklch } from '@/core/colour/oklch';
import type { NurserySizeId } from '@/core/plants/nursery';

/** What tags say of light, as hours of direct sun. */
export const TAG_SUN = {
  'full sun': [6, 12],
  'sun or part shade': [3, 9],
  'part shade': [2, 5],
  shade: [0, 3],
} as const;

/** What is read off a tag, as typed. */
export interface Tag {
  readonly common: string;
  readonly botanical: string;
  readonly height: string;
  readonly spread: string;
  readonly trail: string;
  readonly sun: keyof typeof TAG_SUN | '';
  readonly water: 'low' | 'medium' | 'high' | '';
  readonly hardy: string;
  readonly size: NurserySizeId | '';
  readonly price: string;
  readonly leafColour: Oklch | null;
  readonly flowerColour: Oklch | null;
}

/** Nothing read yet. */
export const BLANK: Tag = {
  common: '',
  botanical: '',
  height: '',
  spread: '',
  trail: '',
  sun: '',
  water: '',
  hardy: '',
  size: '',
  price: '',
  leafColour: null,
  flowerColour: null,
};
