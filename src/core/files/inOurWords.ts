import type * as z from 'zod';

/** What a kind of value is called. */
const TYPES: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  tuple: 'a list',
  object: 'a set of fields',
  record: 'a set of fields',
  null: 'null',
};

/** Fields whose name in a file is not how a gardener would say it. */
const FIELDS: Readonly<Record<string, string>> = {
  kindId: 'plant',
  spotId: 'spot',
  plantingId: 'planting',
  likeId: 'plant it is like',
  xCm: 'place across',
  zCm: 'place to the front',
  tiltDeg: 'slant',
  turnDeg: 'turn',
  topCm: 'inner top width',
  baseCm: 'inner base width',
  endWeek: 'last week',
  plantedWeek: 'planting week',
  fullInWeeks: 'weeks until full',
  sunHours: 'hours of sun',
  sunWhen: 'time of the sun',
  dropCm: 'drop',
  lowestC: 'lowest temperature',
  minC: 'lowest temperature',
  maxC: 'highest temperature',
  meant: 'remarks meant so',
  told: 'what was told',
};

/** Units that end the name of a field. */
const UNIT = /(Cm2|Cm|Mm|Deg|Rad|Kg|MJ|Ms|Pa|L|C|H|W)$/;

/**
 * The sentence for a fault that has none of its own: our words instead of the library's, with the
 * field as a gardener knows it.
 */
export function inOurWords(issue: z.core.$ZodRawIssue): string {
  const field = fieldWords(issue.path ?? []);
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined
        ? `${field} is missing.`
        : `${field} must be ${TYPES[issue.expected] ?? 'of another kind'}.`;
    case 'too_small':
      return `${field} must ${amount(issue.origin, issue.minimum, issue.inclusive === false, 'more')}.`;
    case 'too_big':
      return `${field} must ${amount(issue.origin, issue.maximum, issue.inclusive === false, 'less')}.`;
    case 'invalid_value':
      return `${field} must be ${issue.values.length === 1 ? '' : 'one of '}${issue.values.join(', ')}.`;
    case 'unrecognized_keys':
      return `${issue.keys.map((key) => `“${key}”`).join(', ')} ${issue.keys.length === 1 ? 'is no field' : 'are no fields'} of this.`;
    case 'invalid_union':
      return `${field} is of no kind that is known here.`;
    default:
      return `${field} is not as it should be.`;
  }
}

function amount(
  origin: string,
  limit: number | bigint,
  beyond: boolean,
  side: 'more' | 'less',
): string {
  const many = origin === 'string' ? ' letters' : '';
  const verb = origin === 'number' || origin === 'int' ? 'be' : 'have';
  if (beyond) return `${verb} ${side} than ${limit}${many}`;
  return side === 'more' ? `${verb} ${limit}${many} or more` : `${verb} at most ${limit}${many}`;
}

/** "Place across of plant 3", from the path to a field. */
export function fieldWords(path: readonly PropertyKey[]): string {
  const names = path.filter((step) => typeof step === 'string');
  const last = names[names.length - 1];
  if (last === undefined) return 'It';
  const at = path.lastIndexOf(last);
  const number = path[at + 1];
  const words = nameWords(last);
  return typeof number === 'number' ? `${words}, number ${number + 1},` : words;
}

function nameWords(name: string): string {
  const told = FIELDS[name];
  const plain = told ?? name.replace(UNIT, '').replace(/([a-z])([A-Z])/g, '$1 $2');
  const words = plain.toLowerCase();
  return words === '' ? name : words[0]!.toUpperCase() + words.slice(1);
}
