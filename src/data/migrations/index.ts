import type { Migration } from './migration';
import { toVersion1 } from './version1';
import { toVersion2 } from './version2';
import { toVersion3 } from './version3';
import { toVersion4 } from './version4';
import { toVersion5 } from './version5';
import { toVersion6 } from './version6';
import { toVersion7 } from './version7';
import { toVersion8 } from './version8';
import { toVersion9 } from './version9';
import { toVersion10 } from './version10';
import { toVersion11 } from './version11';
import { toVersion12 } from './version12';
import { toVersion13 } from './version13';

/** Every step, oldest first, without gaps. */
export const MIGRATIONS: readonly Migration[] = [
  toVersion1,
  toVersion2,
  toVersion3,
  toVersion4,
  toVersion5,
  toVersion6,
  toVersion7,
  toVersion8,
  toVersion9,
  toVersion10,
  toVersion11,
  toVersion12,
  toVersion13,
];
