import type { Settings } from '@/core/files/plantingFile';

export const USUAL_SETTINGS: Settings = { length: 'cm', currency: '£', theme: 'system' };
