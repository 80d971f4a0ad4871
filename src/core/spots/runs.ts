/** The longest run that can be told, cm: it stands for one that goes on as far as matters. */
export const ENDLESS_CM = 5000;

interface Runs {
  readonly leftCm: number;
  readonly rightCm: number;
}

/** How far a wall or roof runs to either hand, cm; told as long as can be, it does not end. */
export function runsOf({ leftCm, rightCm }: Runs): Runs {
  const far = (run: number) => (run >= ENDLESS_CM ? Infinity : run);
  return { leftCm: far(leftCm), rightCm: far(rightCm) };
}
