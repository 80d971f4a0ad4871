import type { PlantKind } from '../kind';
import type { Summer } from './species';

/**
 * Summers that plants of a sort need and bear: mean daily maximum of the warmest month, °C, needed
 * to perform; then borne in dry heat, and in humid. `null`: no limit met with. Trade means; ours.
 */
export const SUMMER = {
  /** Cool-season plants: they stop, or go over, when it turns hot. */
  cool: [10, 27, 26],
  /** Woodland and alpine plants of temperate places. */
  temperate: [14, 31, 29],
  /** Most summer bedding and border plants. */
  warm: [17, 34, 32],
  /** Of these, what flowers less as nights turn hot and damp. */
  warmDays: [17, 34, 30],
  /** The same, and at home in dry heat. */
  warmDry: [17, 36, 31],
  /** What wants heat, and idles in a cool summer. */
  hot: [20, 38, 36],
  /** What flowers on through the summer of a desert, with water. */
  torrid: [20, 44, 36],
  /** The same, and poor where summers are no more than mild. */
  torridOnly: [22, 44, 36],
  /** What of the tropics bears a desert's dry heat as well, with water. */
  tropicalSun: [21, 44, null],
  /** Leaves of the tropics: they want warmth and damp air. */
  tropical: [21, 36, null],
  /** Silver and Mediterranean plants: dry heat suits them, damp heat rots them. */
  dry: [17, 40, 30],
  /** Trees and shrubs of the driest Mediterranean shores, planted in deserts too. */
  parched: [17, 45, 34],
  /** Cacti and their like. */
  desert: [19, null, 32],
} as const satisfies Record<string, Summer>;

/** Wind, salt and lime as plants of a sort bear them. */
export const BEARS = {
  /** Seaside, roof and balcony. */
  exposure: { wind: 'bears', salt: 'some', lime: 'bears' },
  wind: { wind: 'bears', salt: 'none', lime: 'bears' },
  breeze: { wind: 'a breeze', salt: 'none', lime: 'bears' },
  breezeAndSalt: { wind: 'a breeze', salt: 'some', lime: 'bears' },
  breezeNoLime: { wind: 'a breeze', salt: 'none', lime: 'hates' },
  shelter: { wind: 'shelter', salt: 'none', lime: 'bears' },
  shelterNoLime: { wind: 'shelter', salt: 'none', lime: 'hates' },
} as const satisfies Record<string, PlantKind['bears']>;

/** Weeks in which shops have plants of a sort growing in pots, temperate north. */
export const SHOPS = {
  /** Cool-season bedding that is sold before the frosts are over. */
  spring: [[9, 20]],
  autumn: [[34, 46]],
  /** What is in bud when summer ends. */
  lateSummer: [[32, 46]],
  autumnAndSpring: [
    [36, 50],
    [4, 17],
  ],
  /** Cyclamen in bud, until Christmas. */
  autumnToChristmas: [[34, 51]],
  /** Tender bedding and patio plants. */
  bedding: [[16, 27]],
  /** Of these, what shops still have in flower at the end of summer. */
  beddingIntoAutumn: [[16, 36]],
  /** Tender plants grown for their leaves. */
  tender: [[18, 32]],
  /** Hardy perennials, ferns and grasses. */
  hardy: [[11, 44]],
  /** Shrubs and conifers, potted. */
  shrubs: [[8, 48]],
  /** Evergreens, berries and heathers that are bought for winter pots all through it. */
  winterShrubs: [[1, 52]],
  /** Evergreen perennials and grasses that stand on the winter benches beside them. */
  hardyIntoWinter: [[11, 51]],
  /** In flower from Christmas on, in leaf until autumn. */
  hellebores: [[47, 44]],
  succulents: [[14, 40]],
  /** Herbs and young vegetables. */
  kitchen: [[12, 33]],
  /** Leaves that are sown or set out again for autumn. */
  coolLeaves: [[9, 38]],
  /** Bulbs started in pots; dry ones are sold in autumn. */
  springBulbs: [[4, 16]],
  summerBulbs: [[16, 32]],
} as const satisfies Record<string, PlantKind['inShops']>;

export const ALL_YEAR = [1, 52] as const;
