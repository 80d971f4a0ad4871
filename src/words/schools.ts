import type { SchoolId } from '@/core/plantings/schoolId';

export const SCHOOL_NAMES: Readonly<Record<SchoolId, string>> = {
  thriller: 'Thriller, filler, spiller',
  dome: 'Even dome',
  screen: 'Tall screen',
  'repeat-run': 'Repeat run',
  shares: 'Shares',
  'leaf-led': 'Leaf-led',
  'clustered-odds': 'Clustered odds',
  'opposite-pairs': 'Opposite pairs',
  specimen: 'Specimen',
  'evergreen-frame': 'Evergreen frame',
  kitchen: 'Kitchen pot',
  group: 'Group',
};

/** A school explains itself: what it does, and why one would. */
export const SCHOOL_WORDS: Readonly<
  Record<SchoolId, { readonly does: string; readonly why: string }>
> = {
  thriller: {
    does: 'One tall lead behind or within, a body round it, a trailing edge.',
    why: 'It reads from any side, hides nothing and forgives most: our default.',
  },
  dome: {
    does: 'No lead: plants of one height knit into an even dome, trails all round.',
    why: 'Three colours of one kind share one thirst and grow at one pace; nothing swallows anything.',
  },
  screen: {
    does: 'Two tall kinds alternate, as tall as the line over the sill asks.',
    why: 'From indoors only height is seen; money for what spills outside is wasted.',
  },
  'repeat-run': {
    does: 'One unit repeated along the length in a zigzag; the ends match.',
    why: 'Repetition makes a long box one thing; a straight row looks like a shelf.',
  },
  shares: {
    does: 'A frame of 10–25% of the plants, a bridge of 20–35%, a carpet of 40–80%, in drifts.',
    why: 'Counted shares look like a meadow and not like a shop: many small plants carry a few tall ones.',
  },
  'leaf-led': {
    does: 'A lead leaf, then its minor colour echoed, then one spark. Flowers come last.',
    why: 'Leaves hold for the whole season; flowers come and go.',
  },
  'clustered-odds': {
    does: 'Groups of one, three and five, the lead off to one side, planted tight.',
    why: 'Rosettes in rows look like a tray; groups of odd number look grown.',
  },
  'opposite-pairs': {
    does: 'Each kind twice, across from its twin, neighbours of different colour, levels even.',
    why: 'A basket turns and is seen from all sides: each has to be as good.',
  },
  specimen: {
    does: 'One plant, its pot and its dressing tuned to each other.',
    why: 'A plant worth looking at alone wants no company; three such pots make a group.',
  },
  'evergreen-frame': {
    does: 'A frame that stands twelve months, with pockets that change with the season.',
    why: 'It is never bare, and four times a year only the pockets cost money.',
  },
  kitchen: {
    does: 'Lead, body and edge that can all be eaten; nothing poisonous alongside.',
    why: 'Leaves get picked together, in a hurry.',
  },
  group: {
    does: 'Few kinds in each of several containers, so that together they make the picture.',
    why: 'Seen as one, the group has the lead and the edge; each pot need not.',
  },
};
