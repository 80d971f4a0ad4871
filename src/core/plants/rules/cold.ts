import { each } from './rule';

/** Nothing called tender bears this, and nothing that bears it is brought in, °C. */
const TENDER_BEARS_C = -6;
const HARDY_C = -10;
/** What bears some frost is brought in no further above it than this, K. */
const BROUGHT_IN_K = 8;

/** A tender cycle, and bringing in, agree with the cold that is borne: both ways. */
export const tenderAgrees = each(({ cycle, lowestC, bringInC }) => {
  const tender = cycle === 'tender perennial' || cycle === 'tender shrub';
  return [
    tender && lowestC < TENDER_BEARS_C && `${cycle}, but bears ${lowestC} °C`,
    tender && bringInC === null && `${cycle}, but never brought in`,
    bringInC !== null &&
      bringInC <= lowestC &&
      `brought in at ${bringInC} °C, but dies at ${lowestC} °C`,
    bringInC !== null &&
      lowestC <= HARDY_C &&
      `brought in at ${bringInC} °C, but bears ${lowestC} °C`,
    bringInC !== null &&
      lowestC < 0 &&
      bringInC - lowestC > BROUGHT_IN_K &&
      `brought in at ${bringInC} °C, though it bears ${lowestC} °C`,
    bringInC === null &&
      lowestC > 0 &&
      cycle !== 'annual' &&
      cycle !== 'biennial' &&
      `${cycle} that dies at ${lowestC} °C, but never brought in`,
  ];
});

/** Roots in a pot bear no more cold than the top, and nights that check growth lie above those that kill. */
export const coldInOrder = each(({ lowestC, rootsC, sulksC, bringInC }) => [
  rootsC < lowestC && `roots bear ${rootsC} °C, the top only ${lowestC} °C`,
  sulksC !== null && sulksC <= lowestC && `stands still at ${sulksC} °C, dies at ${lowestC} °C`,
  sulksC !== null &&
    bringInC !== null &&
    sulksC < bringInC &&
    `brought in at ${bringInC} °C, but grows on to ${sulksC} °C`,
]);

/** A summer that is needed is one that is borne, and damp heat is not borne better than any dry heat told. */
export const summerInOrder = each(({ summer: { leastC, dryC, humidC } }) => [
  dryC !== null && dryC <= leastC && `needs ${leastC} °C, bears ${dryC} °C dry`,
  humidC !== null && humidC <= leastC && `needs ${leastC} °C, bears ${humidC} °C damp`,
]);
