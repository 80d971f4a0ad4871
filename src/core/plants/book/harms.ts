/** Looked for, and nothing harmful found that is widely reported: no promise. */
export const NO_HARM_KNOWN = [
  'none known',
  'none known',
  'Nothing harmful is widely reported; no plant is meant as food for pets.',
] as const;

/** What is widely known of the harm of whole families, said once. */
export const HARM = {
  nightshade: ['poisonous', 'poisonous', 'All parts are poisonous.'],
  fruitingNightshade: [
    'mild',
    'poisonous',
    'Leaves and unripe fruit are poisonous; ripe fruit is eaten.',
  ],
  daisy: ['mild', 'mild', 'Sap may upset pets that chew it.'],
  mum: ['mild', 'poisonous', 'Harmful to pets that eat it.'],
  spurge: ['poisonous', 'poisonous', 'Milky sap is poisonous.'],
  bulb: ['poisonous', 'poisonous', 'Bulbs and leaves are poisonous.'],
  tulip: ['mild', 'poisonous', 'Bulbs are poisonous to pets.'],
  lily: [
    'mild',
    'poisonous',
    'Deadly to cats in any amount, pollen and vase water included.',
    { dogs: 'mild', horses: 'unsure' },
  ],
  onion: ['none known', 'poisonous', 'Onions of all sorts are poisonous to cats, dogs and horses.'],
  heath: ['poisonous', 'poisonous', 'Leaves, flowers and nectar are poisonous.'],
  aroid: ['poisonous', 'poisonous', 'All parts hold needles of oxalate that burn the mouth.'],
  heart: ['poisonous', 'poisonous', 'All parts act on the heart.'],
  geranium: ['mild', 'poisonous', 'Leaves upset cats and dogs.'],
  mint: ['none known', 'mild', 'Strong oils may upset pets.'],
  berries: ['mild', 'unsure', 'Berries may upset the stomach.'],
  few: ['unsure', 'unsure', 'Few records of harm either way: taken as a caution.'],
} as const;

/** What touch may do. */
export const SKIN = {
  sap: ['yes', 'Sap irritates; wear gloves.'],
  milky: ['yes', 'Milky sap burns skin and eyes; wear gloves and keep hands from the face.'],
  hairs: ['yes', 'Hairs or rough leaves irritate; wear gloves.'],
  thorns: ['yes', 'Thorns: wear thick gloves and guard the eyes.'],
  bulb: ['yes', 'Bulbs may irritate skin; wear gloves.'],
  leaf: ['unsure', 'Leaves irritate some people; gloves are wise.'],
} as const;
