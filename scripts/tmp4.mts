import { handComposed } from '../tests/builders/handComposed';
import { opinionOf } from '../src/core/checks/opinion';
for (const { name, it } of handComposed()) {
  for (const r of opinionOf(it).remarks)
    if (r.severity !== 'right' && r.certainty !== 'a caution')
      console.log(
        r.severity,
        r.score.toFixed(2),
        name,
        '|',
        r.check,
        JSON.stringify(r.facts).slice(0, 160),
        it.planting.plantedWeek + '-' + it.planting.endWeek,
        it.spot.sunHours,
        it.spot.site.climate,
      );
}
