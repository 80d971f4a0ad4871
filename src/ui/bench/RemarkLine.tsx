import type { Fix, Remark } from '@/core/checks/opinion';
import { type CheckId } from '@/core/checks/rules/index';
import type { Settings } from '@/core/files/plantingFile';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { CHECK_NAMES } from '@/words/checkNames';
import { capital } from '@/words/format';
import { editText, fixEffect, leadWord, Sentence } from '@/words/remarks';
import { Button } from '@/ui/controls/Button';
import { SeverityMark } from './SeverityMark';
import { Working } from './Working';
import type { Edit } from '@/core/plantings/edits';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { KindId, PlantKind } from '@/core/plants/kind';

/** Turns a check down for all plantings: to half, then to nothing. The Shed turns it up again. */
function SayLess({ check, settings }: { readonly check: CheckId; readonly settings: Settings }) {
  const store = useStore();
  const now = settings.house.turnedDown[check] ?? 1;
  const turnedTo = (share: number) => store?.settings.setHouse({ turnedDown: { [check]: share } });
  const less = () =>
    void turnedTo(now > 0.5 ? 0.5 : 0)?.then(() =>
      say(
        `${capital(CHECK_NAMES[check])}: ${now > 0.5 ? 'half a say from now on' : 'nothing more will be said of it'}.`,
        { label: 'As before', go: () => void turnedTo(now) },
      ),
    );
  return (
    <Button look="plain" onClick={less}>
      Say less of this
    </Button>
  );
}

/** One remark, with what can be done about it. */
export function RemarkLine({
  remark,
  isOpen,
  onPoint,
  pointed,
  sentence,
  fix,
  tryFix,
  it,
  settings,
  kindOf,
  apply,
}: {
  readonly remark: Remark;
  readonly isOpen: boolean;
  readonly onPoint: (check: CheckId | null) => void;
  readonly pointed: CheckId | null;
  readonly sentence: Sentence;
  readonly fix: Fix | undefined;
  readonly tryFix: (edit: Fix['edit']) => void;
  readonly it: PlantingInSpot;
  readonly settings: Settings;
  readonly kindOf: (id: KindId) => PlantKind | null;
  readonly apply: (edit: Edit) => void;
}) {
  return (
    <li
      data-check={remark.check}
      className={`grid grid-cols-[28px_1fr] border-b border-rule px-2.5 py-2.5 ${isOpen ? 'bg-wash' : ''}`}
    >
      <span className="pt-0.5">
        <SeverityMark severity={remark.severity} />
      </span>
      <div className="min-w-0">
        {isOpen && (
          <p className="text-note text-ink2">
            {leadWord(remark)}
            {remark.certainty === 'a caution' ? '' : `, ${remark.certainty}`}
          </p>
        )}
        <Button
          look="bare"
          aria-expanded={isOpen}
          onClick={() => onPoint(isOpen && pointed ? null : remark.check)}
          className={`w-full text-left ${isOpen ? 'text-lead leading-5 font-semibold' : ''}`}
        >
          {!isOpen && <b className="font-semibold">{leadWord(remark)}. </b>}
          {sentence.says}
        </Button>
        {isOpen && (
          <>
            <p className="mt-1 text-ink2">{sentence.because}</p>
            <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1.5">
              {fix && (
                <Button look="act" onClick={() => tryFix(fix.edit)}>
                  {editText(fix.edit, it, settings, kindOf)}
                </Button>
              )}
              {fix && fixEffect(remark.check, remark.facts, fix.facts) && (
                <span className="text-note text-ink2">
                  {fixEffect(remark.check, remark.facts, fix.facts)}
                </span>
              )}
              {remark.severity !== 'right' && (
                <Button
                  look="plain"

                  onClick={() => apply({ kind: 'mean', check: remark.check, meant: true })}
                >
                  I mean it
                </Button>
              )}
              {remark.certainty !== 'a caution' && remark.severity !== 'right' && (
                <SayLess check={remark.check} settings={settings} />
              )}
              <Working remark={remark} />
            </div>
          </>
        )}
        {!isOpen && fix && (
          <Button look="link" onClick={() => tryFix(fix.edit)}>
            {editText(fix.edit, it, settings, kindOf)}
          </Button>
        )}
      </div>
    </li>
  );
}
