/**
 * The same function, but each thing's answer is worked out once and held for as long as the thing is.
 * Only for things that are never changed in place: records, colours, forms, cuts.
 */
export function once<Thing extends object, Answer>(
  workOut: (thing: Thing) => Answer,
): (thing: Thing) => Answer {
  const answers = new WeakMap<Thing, { readonly answer: Answer }>();
  return (thing) => {
    let held = answers.get(thing);
    if (!held) answers.set(thing, (held = { answer: workOut(thing) }));
    return held.answer;
  };
}
