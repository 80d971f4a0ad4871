'use client';

import { CHECK_IDS, CHECKS } from '@/core/checks/rules/index';
import { HOUSE_QUESTIONS, type House, type HouseQuestion } from '@/core/plantings/house';
import { CHECK_NAMES } from '@/words/checkNames';
import type { LightHabit } from '@/core/spots/terms';
import { HABIT_NAMES } from '@/words/light';
import { HOUSE_WORDS } from '@/words/house';
import { Select } from '@/ui/controls/Select';
import { More } from '@/ui/controls/More';

/** What good gardeners do differently, answered once; and checks that may say less. */
export function HousePreferences({
  house,
  onChange,
}: {
  readonly house: House;
  /** What changed alone: another answer may be on its way to the store. */
  readonly onChange: (answers: Partial<House>) => void;
}) {
  const opinions = CHECK_IDS.filter(
    (id) => CHECKS[id].certainty !== 'a caution' && CHECKS[id].weight > 0,
  );
  return (
    <section aria-label="House preferences" className="mt-6 bg-paper px-4 py-3">
      <h2 className="text-lead font-semibold">House preferences</h2>
      <p className="pb-2 text-ink2">
        Good gardeners differ. The first answer is ours, with its reason; yours holds for all
        plantings. Headspace and what lies over the holes go into containers described anew; roots,
        mix, feed and pinching are kept for potting and care.
      </p>
      <dl className="grid gap-x-6 sm:grid-cols-2">
        {(Object.keys(HOUSE_QUESTIONS) as HouseQuestion[]).map((question) => (
          <div key={question} className="border-t border-rule py-2">
            <dt>
              <label className="text-note text-ink2" htmlFor={`house-${question}`}>
                {HOUSE_WORDS[question].asks}
              </label>
            </dt>
            <dd>
              <Select
                id={`house-${question}`}
                className="w-full"
                value={house[question]}
                onChange={(event) => onChange({ [question]: event.target.value })}
              >
                {HOUSE_QUESTIONS[question].map((answer) => (
                  <option key={answer} value={answer}>
                    {question === 'sun' ? HABIT_NAMES[answer as LightHabit] : answer}
                  </option>
                ))}
              </Select>
              <p className="pt-1 text-note leading-4 text-ink2">{HOUSE_WORDS[question].why}</p>
            </dd>
          </div>
        ))}
      </dl>
      <More name="How much each check may say" className="border-t border-rule pt-2">
        <ul className="grid gap-x-6 pt-2 sm:grid-cols-2">
          {opinions.map((id) => (
            <li
              key={id}
              className="flex items-center justify-between gap-3 border-t border-rule py-1"
            >
              <label htmlFor={`say-${id}`}>{CHECK_NAMES[id]}</label>
              <Select
                id={`say-${id}`}

                value={String(house.turnedDown[id] ?? 1)}
                onChange={(event) => onChange({ turnedDown: { [id]: Number(event.target.value) } })}
              >
                <option value="1">as usual</option>
                <option value="0.5">half</option>
                <option value="0">nothing</option>
              </Select>
            </li>
          ))}
        </ul>
        <p className="pt-2 text-note text-ink2">Cautions cannot be turned down.</p>
      </More>
    </section>
  );
}
