import type { Done } from '@/core/plantings/done';
import type { Arrangement, RemakeKind } from '@/core/plantings/edits';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Step } from '@/core/records/step';
import { countText } from './format';
import { inSentence, SUPPORT_NAMES } from './names';
import { SCHOOL_NAMES } from './schools';

const REMADE: Readonly<Record<RemakeKind, string>> = {
  propose: 'Planted another way',
  finish: 'Finished it',
  scale: 'Moved it to another container',
  repeat: 'Repeated a unit',
  season: 'Changed the season',
  refresh: 'Refreshed it',
  vary: 'Took other colours',
  group: 'Planted it for the group',
  version: 'Brought back a version',
  branch: 'Worked on another what-if',
};

const ARRANGED: Readonly<Record<Arrangement, string>> = {
  ring: 'Set in a ring',
  zigzag: 'Set in a zigzag',
  thirds: 'Set on the thirds',
  copy: 'Put a copy beside it',
  settle: 'Settled the root balls',
  more: 'Added a plant',
};

const TO_PLANTS = {
  moved: 'Moved',
  'took out': 'Took out',
  added: 'Added',
  turned: 'Turned',
  tilted: 'Tilted',
  'set upright': 'Set upright',
  locked: 'Locked',
  unlocked: 'Unlocked',
} as const;

const PLAIN = {
  'changed the container': 'Changed the container',
  renamed: 'Renamed',
  planted: 'Planted it',
  'planted the sides': 'Planted the sides',
  'sowed the rim': 'Sowed the rim',
  'meant it': 'Meant it',
  'asked again': 'Asked again',
} as const;

type KindOf = (id: KindId) => PlantKind | null;

/** What a step of a history did: "Moved lime potato vine". Worked out when it is read. */
export function stepText({ done }: Pick<Step, 'done'>, kindOf: KindOf): string {
  // Parsed where it was read from the database.
  return doneText(done as Done, kindOf);
}

function doneText(done: Done, kindOf: KindOf): string {
  const nameOf = (id: KindId) => inSentence(kindOf(id)?.common ?? 'a plant');
  switch (done.did) {
    case 'swapped':
      return `Swapped ${nameOf(done.from)} for ${nameOf(done.to)}`;
    case 'arranged':
      return done.how ? ARRANGED[done.how] : 'Rearranged';
    case 'planned a trim':
      return `Planned a trim of ${nameOf(done.kind)}, ${countText(done.weeks, 'week')} on`;
    case 'took back a trim':
      return `Took back the trim of ${nameOf(done.kind)}`;
    case 'chose a second':
      return `Chose what to take where ${nameOf(done.kind)} is not to be had`;
    case 'took back a second':
      return `Took back the second choice for ${nameOf(done.kind)}`;
    case 'remade':
      return REMADE[done.why];
    case 'set a support':
      return done.form ? `Set ${SUPPORT_NAMES[done.form].one}` : 'Took the support out';
    case 'wished':
      return wishedText(done.school);
    case 'began':
      return `Began “${done.name}”`;
    case 'went to':
      return `Went to “${done.name}”`;
    case 'planted for':
      return `Planted for ${done.name}`;
    case 'told':
      return done.name;
    case 'changed the container':
    case 'renamed':
    case 'meant it':
    case 'asked again':
    case 'planted':
    case 'planted the sides':
    case 'sowed the rim':
      return PLAIN[done.did];
    default:
      return `${TO_PLANTS[done.did]} ${plantsText(done.kinds, nameOf)}${done.did === 'moved' && done.kinds.length > 1 ? ' together' : ''}`;
  }
}

function plantsText(kinds: readonly KindId[], nameOf: (id: KindId) => string): string {
  return kinds.length === 1 ? nameOf(kinds[0]!) : countText(kinds.length, 'plant');
}

function wishedText(school: Extract<Done, { did: 'wished' }>['school']): string {
  if (!school) return 'Changed the wishes';
  return `Composed as ${school === 'any' ? 'it comes' : SCHOOL_NAMES[school].toLowerCase()}`;
}
