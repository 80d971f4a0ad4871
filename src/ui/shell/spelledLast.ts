/** Where this device keeps how the page was spelled last: a hint for the moment before the settings are read. */
const KEY = 'rillbank-spelled';
const AMERICAN = 'american';

export function isSpelledAmerican(): boolean {
  try {
    return window.localStorage.getItem(KEY) === AMERICAN;
  } catch {
    return false;
  }
}

export function keepSpelledAmerican(isAmerican: boolean): void {
  try {
    if (isAmerican) window.localStorage.setItem(KEY, AMERICAN);
    else window.localStorage.removeItem(KEY);
  } catch {
    // Storage that is full or refused: the next page is spelled as it is written for a moment, no more.
  }
}
