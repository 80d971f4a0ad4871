import type { MakingStep, SettingIn, StepCaution } from '@/core/making/steps';
import type { PlacedPlant } from '@/core/plantings/planting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import {
  capital,
  lengthText,
  sizeName,
  volumeText,
  weightText,
  whereText,
  type Units,
} from './format';
import { inSentence, SUPPORT_NAMES } from './names';
import { list } from './remarks/teller';

type KindOf = (id: KindId) => PlantKind | null;

/** What a step is called, large. */
export function stepTitle({ what }: MakingStep, kindOf: KindOf): string {
  switch (what.do) {
    case 'soak':
      return 'Soak the plants';
    case 'foot':
      return what.over === 'liner' ? 'Line the basket' : 'See to the holes';
    case 'feed':
      return 'Feed into the mix';
    case 'fill':
      return what.under === 'balls' ? 'Fill with mix' : 'Mix up to the side holes';
    case 'sow':
      return 'Sow round the rim';
    case 'dry run':
      return 'Set them out dry';
    case 'plant':
      return kindOf(what.plant.kindId)?.common ?? what.plant.kindId;
    case 'support':
      return SUPPORT_NAMES[what.support.form].name;
    case 'top up':
      return 'Top up';
    case 'water in':
      return 'Water in';
    case 'look again':
      return 'Look again';
    case 'label':
      return 'Clean, label, photograph';
    case 'put out':
      return 'Put it out';
  }
}

const FEEDS = { 'slow-release': 'slow-release feed', liquid: 'liquid feed', pellets: 'pellets' };
const OVER = {
  mesh: 'Lay mesh over the holes, so that mix stays in and water gets out.',
  coarse: 'Put the coarse layer over the holes.',
  crocks: 'Lay crocks over the holes, hollow side down.',
  liner: 'Press the liner in, up to the rim, and cut a few slits low down if it holds water.',
  none: 'Nothing over the holes: see that they are open.',
} as const;
const ROOTS = {
  leave: '',
  'loosen if circling': 'If its roots circle the ball, loosen them; leave them if not.',
  loosen: 'Loosen its roots.',
} as const;

/** What to do, in sentences of one breath. */
export function stepLines(
  step: MakingStep,
  plants: readonly PlacedPlant[],
  units: Units,
  kindOf: KindOf,
): readonly string[] {
  const { what } = step;
  switch (what.do) {
    case 'soak':
      return [
        `Stand ${what.balls === 1 ? 'the pot' : `all ${what.balls} pots`} in water until no more bubbles rise.`,
        'A dry ball stays dry in wet mix.',
      ];
    case 'foot':
      return [
        ...(what.holes === 0 && what.over !== 'liner'
          ? ['It has no hole: drill one, or be sure that no rain gets in.']
          : [OVER[what.over]]),
        ...(what.litres > 0 ? [`About ${volumeText(what.litres, units)} of it.`] : []),
      ];
    case 'feed':
      return [
        `${capital(FEEDS[what.what])}: ${Math.round(what.amount)} g through the mix for this container. The label’s dose wins.`,
      ];
    case 'fill':
      if (what.under !== 'balls')
        return [
          `To ${lengthText(what.belowRimCm, units)} below the rim: the ${rowName(what.under)} row of holes comes next.`,
          'Cut a cross in the liner at each hole, if there is one.',
        ];
      return [
        `Fill to ${lengthText(what.belowRimCm, units)} below the rim and firm it lightly.`,
        `About ${volumeText(what.litres, units)}. The tallest ball then ends level with the mix.`,
      ];
    case 'dry run':
      return [
        'Set the pots out as on the plan, still in their pots.',
        'Look from where it will be seen, and swap what you do not like.',
      ];
    case 'plant':
      return plantLines(what.plant, plants, units);
    case 'sow':
      return [
        `${capital(list(what.kinds.map((id) => inSentence(kindOf(id)?.common ?? id))))}: two or three seeds every hand’s breadth, a thumb inside the rim.`,
        'As deep as they are thick. Thin them to one when they stand.',
      ];
    case 'support':
      return [
        `${lengthText(what.support.heightCm, units)} above the mix, ${whereText(what.support.xCm, what.support.zCm, units.length)}.`,
        'Push the feet in deep, and tie stems on loosely.',
      ];
    case 'top up':
      return [
        'Fill between the balls and firm with your fingers: no hollow stays.',
        `Leave ${lengthText(what.headspaceCm, units)} below the rim for water.`,
        ...(what.dressingL > 0 ? [`Dress the top with ${volumeText(what.dressingL, units)}.`] : []),
      ];
    case 'water in':
      return [
        `About ${volumeText(what.litres, units)}, gently, until it runs out below.`,
        'Mix sinks now: that is as it should be.',
      ];
    case 'look again':
      return [
        'Fill what has sunk. Keep mix off the crowns and the rim clear.',
        'Turn it, and lift out any leaf that is caught.',
      ];
    case 'label':
      return ['Wipe the rim, write the label, and take a photograph from the front.'];
    case 'put out':
      return [
        `About ${weightText(what.kg, units)}, watered. Right side to the front, and level.`,
        'Out of sun and wind for the first days if it came from under glass.',
      ];
  }
}

const ROW_NAMES = ['lowest', 'second', 'third', 'fourth'];
const rowName = (row: number): string => ROW_NAMES[row] ?? ordinal(row + 1);
const COUNTS = ['two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

/** "third", "21st" */
function ordinal(nth: number): string {
  const teen = nth % 100 >= 11 && nth % 100 <= 13;
  const ending = teen ? 'th' : (['th', 'st', 'nd', 'rd'][nth % 10] ?? 'th');
  return ORDINALS[nth - 1] ?? `${nth}${ending}`;
}

/** What a plant is taken from: "9 cm pot", "from a six-pack" */
const takenFrom = (size: PlacedPlant['size'], units: Units): string =>
  /pack$/.test(size) ? `from a ${sizeName(size, units)}` : sizeName(size, units);

function plantLines(
  setting: SettingIn,
  plants: readonly PlacedPlant[],
  units: Units,
): readonly string[] {
  const plant = plants.find(({ id }) => id === setting.placeId);
  if (!plant) return [];
  const { nth, ofKind } = setting;
  const which =
    ofKind > 1
      ? `The ${ordinal(nth)} of ${COUNTS[ofKind - 2] ?? ofKind}, ${takenFrom(plant.size, units)}: `
      : '';
  const pinch = setting.isPinched
    ? ['Pinch its tips above a pair of leaves: two stems come for each.']
    : [];
  if (setting.through)
    return [
      capital(`${which}${holeText(plant)}, ${rowName(setting.through.row)} row.`),
      'Wrap its leaves in paper and push them out from inside; the ball lies on the mix, its top at the wall.',
      ...pinch,
    ];
  const where = whereText(plant.xCm, plant.zCm, units.length);
  return [
    capital(`${which}${where}${/middle/.test(where) ? '' : ' of the middle'}.`),
    setting.deeperCm > 0
      ? `Set it ${lengthText(setting.deeperCm, units)} deeper than its ball.`
      : 'Top of the ball level with the others.',
    ...(setting.lean === 'outward' ? ['Lean it outward, over the rim.'] : []),
    ...(setting.lean === 'as planned' ? ['Lean it the way the arrow points.'] : []),
    ...(ROOTS[setting.roots] ? [ROOTS[setting.roots]] : []),
    ...pinch,
  ];
}

/** Which way a side hole looks, as one stands before the container. */
export function holeText({ xCm, zCm }: Pick<PlacedPlant, 'xCm' | 'zCm'>): string {
  const turns = (Math.atan2(xCm, zCm) / (Math.PI / 4) + 8) % 8;
  return [
    'in front',
    'front right',
    'on the right',
    'back right',
    'at the back',
    'back left',
    'on the left',
    'front left',
  ][Math.round(turns) % 8]!;
}

/** A caution, as one sentence. */
export function cautionText(caution: StepCaution, kindOf: KindOf, units: Units): string {
  const names = (ids: readonly KindId[]) =>
    ids.map((id) => inSentence(kindOf(id)?.common ?? id)).join(', ');
  switch (caution.mind) {
    case 'mix dust':
      return 'Damp the mix first, wear gloves, keep your face away from the bag, wash hands after.';
    case 'feed':
      return 'Gloves for the feed, and lock the rest away from children and animals.';
    case 'blades':
      return 'Mind your fingers if you cut rather than pinch.';
    case 'eating':
      return 'Eat only what was sold for eating, and use no feed or spray that is not meant for it.';
    case 'ladder':
      return 'A ladder on firm ground, someone to hold it, and nobody below.';
    case 'gloves':
      return `Gloves: sap or hairs of ${names(caution.kinds)} irritate, or may.`;
    case 'poison':
      return `Treat ${names(caution.kinds)} as poisonous to people or animals: wash hands, leave no cuttings about.`;
    case 'lift':
      return caution.by === 'two'
        ? 'Two people lift this.'
        : 'Too heavy to lift: use a trolley, or fill it where it stands.';
    case 'load':
      return `Soaked it weighs about ${weightText(caution.kg, units)}: hook, bracket or sill must be rated for several times that. Ask whoever owns the building.`;
  }
}
