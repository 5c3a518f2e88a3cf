import { useState } from 'react';
import {
  formatMass,
  formatSpoons,
  formatVolume,
  secondDose,
  thicknessAfter,
  THICKNESSES,
  thicknessOf,
  type Aim,
  type Dose,
  type DoseInput,
  type Kitchen,
} from '../../../core/index';
import { Segments } from '../../parts/Segments';

/** After the boil: tap what the spoon shows, get the second dose or the splash that loosens it. */
export function SpoonShows({
  input,
  dose,
  kitchen,
  onSeen,
  onSecond,
}: {
  input: DoseInput;
  dose: Dose;
  kitchen: Kitchen;
  /**
   * What was seen and what the bare table had promised, per cent: what the household’s factor is learned from. `again` when it
   * corrects what was tapped before.
   */
  onSeen?: (seenPercent: number, promisedPercent: number, again: boolean) => void;
  onSecond?: (starchG: number, waterG: number) => void;
}) {
  const [seen, setSeen] = useState<Aim | null>(null);
  const options = THICKNESSES.filter((t) => t.id !== 'glaze').map((t) => ({ id: t.id, label: t.name }));
  const second = seen ? secondDose(input, dose.starchG, thicknessOf(seen).percent) : null;
  return (
    <fieldset className="spoon-shows">
      <legend>It has boiled: what does the spoon show?</legend>
      <Segments
        name="seen"
        label="What the spoon shows"
        value={seen}
        options={options}
        onChange={(aim) => {
          setSeen(aim);
          onSeen?.(
            thicknessOf(aim).percent,
            thicknessAfter({ ...input, householdFactor: 1 }, dose.starchG),
            seen !== null,
          );
        }}
      />
      {second && (
        <p className="mt-2 mb-0" role="status">
          {second.starchG > 0.4 ? (
            <>
              Another <strong>{formatSpoons(second.starchG / dose.thickener.gPerMl)}</strong>{' '}
              {dose.thickener.name} ({formatMass(second.starchG)})
              {second.waterG > 0 && <> in {formatSpoons(second.waterG)} cold water</>}, and boil again.{' '}
              {onSecond && (
                <button
                  type="button"
                  className="btn btn-bare btn-sm"
                  onClick={() => onSecond(second.starchG, second.waterG)}
                >
                  Stirred in
                </button>
              )}
            </>
          ) : second.loosenG > 0 ? (
            <>Loosen it with about {formatVolume(second.loosenG, kitchen.units)} stock or water.</>
          ) : (
            <>That is it. Leave it alone.</>
          )}
        </p>
      )}
    </fieldset>
  );
}
