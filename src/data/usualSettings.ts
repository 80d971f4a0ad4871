import type { Settings } from '@/core/files/plantingFile';
import { USUAL_HOUSE } from '@/core/plantings/house';

export const USUAL_SETTINGS: Settings = {
  length: 'cm',
  currency: '£',
  theme: 'system',
  house: USUAL_HOUSE,
};
