import type { HarmTold } from './species';

/** Looked for, and nothing harmful found that is widely reported: no promise. */
export const NO_HARM_KNOWN = {
  people: 'none known',
  pets: 'none known',
  note: 'Nothing harmful is widely reported; no plant is meant as food for pets.',
} as const satisfies HarmTold;

/** What is widely known of the harm of whole families, said once. */
export const HARM = {
  nightshade: { people: 'poisonous', pets: 'poisonous', note: 'All parts are poisonous.' },
  fruitingNightshade: {
    people: 'mild',
    pets: 'poisonous',
    note: 'Leaves and unripe fruit are poisonous; ripe fruit is eaten.',
    parts: ['leaves', 'unripe fruit'],
  },
  daisy: {
    people: 'mild',
    pets: 'mild',
    note: 'Sap may upset pets that chew it.',
    parts: ['sap'],
  },
  mum: { people: 'mild', pets: 'poisonous', note: 'Harmful to pets that eat it.' },
  spurge: {
    people: 'poisonous',
    pets: 'poisonous',
    note: 'Milky sap is poisonous.',
    parts: ['sap'],
    way: 'eaten or on the skin',
  },
  bulb: {
    people: 'poisonous',
    pets: 'poisonous',
    note: 'Bulbs and leaves are poisonous.',
    parts: ['bulb or tuber', 'leaves'],
  },
  tulip: {
    people: 'mild',
    pets: 'poisonous',
    note: 'Bulbs are poisonous to pets.',
    parts: ['bulb or tuber'],
  },
  lily: {
    people: 'mild',
    pets: 'poisonous',
    dogs: 'mild',
    horses: 'unsure',
    note: 'Deadly to cats in any amount, pollen and vase water included.',
    parts: ['all parts'],
    petParts: ['all parts', 'pollen'],
  },
  onion: {
    people: 'none known',
    pets: 'poisonous',
    note: 'Onions of all sorts are poisonous to cats, dogs and horses.',
  },
  heath: {
    people: 'poisonous',
    pets: 'poisonous',
    note: 'Leaves, flowers and nectar are poisonous.',
    parts: ['leaves', 'flowers'],
  },
  aroid: {
    people: 'poisonous',
    pets: 'poisonous',
    note: 'All parts hold needles of oxalate that burn the mouth.',
    way: 'eaten or on the skin',
  },
  liver: {
    people: 'poisonous',
    pets: 'poisonous',
    note: 'Holds alkaloids that harm the liver, the more the longer it is eaten.',
  },
  lobelia: {
    people: 'poisonous',
    pets: 'poisonous',
    note: 'All parts hold lobeline, which acts on nerves and heart.',
  },
  heart: { people: 'poisonous', pets: 'poisonous', note: 'All parts act on the heart.' },
  geranium: {
    people: 'mild',
    pets: 'poisonous',
    note: 'Leaves upset cats and dogs.',
    parts: ['leaves'],
  },
  mint: {
    people: 'none known',
    pets: 'mild',
    note: 'Strong oils may upset pets.',
    parts: ['leaves'],
  },
  berries: {
    people: 'mild',
    pets: 'unsure',
    note: 'Berries may upset the stomach.',
    parts: ['berries'],
  },
  few: {
    people: 'unsure',
    pets: 'unsure',
    note: 'Few records of harm either way: taken as a caution.',
  },
} as const satisfies Record<string, HarmTold>;

/** What touch may do. */
export const SKIN = {
  sap: ['yes', 'Sap irritates; wear gloves.'],
  milky: ['yes', 'Milky sap burns skin and eyes; wear gloves and keep hands from the face.'],
  hairs: ['yes', 'Hairs or rough leaves irritate; wear gloves.'],
  thorns: ['yes', 'Thorns: wear thick gloves and guard the eyes.'],
  bulb: ['yes', 'Bulbs may irritate skin; wear gloves.'],
  leaf: ['unsure', 'Leaves irritate some people; gloves are wise.'],
} as const;
