import type { PlantKind } from '../kind';
import { ALOES } from './aloes';
import { ARUMS } from './arums';
import { ASPARAGUS } from './asparagus';
import { BELLFLOWERS } from './bellflowers';
import { BORAGES } from './borages';
import { BUTTERCUPS } from './buttercups';
import { CABBAGES } from './cabbages';
import { CARROTS } from './carrots';
import { CONIFERS } from './conifers';
import { DAISIES } from './daisies';
import { DESERT } from './desert';
import { FERNS } from './ferns';
import { GERANIUMS } from './geraniums';
import { GRASSES } from './grasses';
import { HEATHS } from './heaths';
import { LILIES } from './lilies';
import { MINTS } from './mints';
import { NIGHTSHADES } from './nightshades';
import { OLEANDERS } from './oleanders';
import { ONIONS } from './onions';
import { PEAS } from './peas';
import { PINKS } from './pinks';
import { ROSES } from './roses';
import { SAXIFRAGES } from './saxifrages';
import { SHRUBS } from './shrubs';
import { SNAPDRAGONS } from './snapdragons';
import { SPURGES } from './spurges';
import { STONECROPS } from './stonecrops';
import { kindsOf, type Species } from './species';

/** Every species the book knows, by genus group; each once, with its kinds. Values are typical; the tag in hand wins. */
export const SPECIES: readonly Species[] = [
  ...ALOES,
  ...ARUMS,
  ...ASPARAGUS,
  ...BELLFLOWERS,
  ...BORAGES,
  ...BUTTERCUPS,
  ...CABBAGES,
  ...CARROTS,
  ...CONIFERS,
  ...DAISIES,
  ...DESERT,
  ...FERNS,
  ...GERANIUMS,
  ...GRASSES,
  ...HEATHS,
  ...LILIES,
  ...MINTS,
  ...NIGHTSHADES,
  ...OLEANDERS,
  ...ONIONS,
  ...PEAS,
  ...PINKS,
  ...ROSES,
  ...SAXIFRAGES,
  ...SHRUBS,
  ...SNAPDRAGONS,
  ...SPURGES,
  ...STONECROPS,
];

/** Every kind as its species tell it: what the packed book is made from. */
export const TOLD: readonly PlantKind[] = SPECIES.flatMap(kindsOf);
