import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { BINDING, doseFor, formatMass, THICKENERS, type CookState, sayTemps } from '../../../core/index';
import { freshId } from '../../store/dishes';
import { DoseLines } from '../finish/Answer';
import { benchFor, doseInput, type Bench } from '../finish/bench';
import { SauceBench } from '../finish/SauceBench';
import { SpoonShows } from '../finish/SpoonShows';
import type { OwnStepProps } from './stepProps';

/** The thickener and dairy the cook chose when measuring, where that is known. */
function chosenAtBench({ sauce }: CookState): Partial<Bench> {
  const { thickener, laterG } = sauce?.chosen ?? {};
  return { ...(thickener ? { thickener } : {}), ...(laterG === undefined ? {} : { laterG }) };
}

/** How much sauce there is: the bench inside the step, from the scale where one is plugged in. */
export function MeasureStep({ plan, state, kitchen, done, plugged }: OwnStepProps) {
  // The forecast stands there until something is measured: the answer is seen at once, and nobody has to have a jug.
  const forecast = String(Math.round(plan.sauce.leftG.mid / 10) * 10);
  const [bench, setBench] = useState<Bench>(() => {
    const fresh = benchFor(plan, plan.rules, plan.dish);
    return {
      ...fresh,
      way: 'jug',
      reading: forecast,
      ...(state.sauce
        ? {
            reading: String(Math.round(state.sauce.sauceG)),
            aim: state.sauce.aim,
            presentPercent: state.sauce.presentPercent,
            ...chosenAtBench(state),
          }
        : {}),
    };
  });
  const { grams } = plugged;
  return (
    <>
      {grams !== null && kitchen.tools.scale && (
        <Button
          variant="outline-primary"
          className="mb-3"
          onClick={() =>
            setBench((b) => ({ ...b, way: 'scale', reading: String(Math.round(grams)), piecesIn: true }))
          }
        >
          Take the scale: {formatMass(grams, kitchen.units)}, pieces in
        </Button>
      )}
      <SauceBench
        bench={bench}
        onBench={setBench}
        pot={plan.pot}
        plan={plan}
        kitchen={kitchen}
        rules={plan.rules}
        starchFactor={plan.calibration.starchFactor}
      >
        {(answer) => (
          <Button
            className="step-done mt-3"
            disabled={!answer}
            onClick={() =>
              answer &&
              done({
                type: 'sauceMeasured',
                sauceG: answer.input.sauceG,
                how: bench.way === 'jug' && bench.reading === forecast ? 'forecast' : bench.way,
                aim: bench.aim,
                presentPercent: bench.presentPercent,
                thickener: bench.thickener,
                laterG: bench.laterG,
              })
            }
          >
            {bench.way === 'jug' && bench.reading === forecast ? 'Use the forecast' : 'Use this'}
          </Button>
        )}
      </SauceBench>
    </>
  );
}

/** The dose for what was measured, the boil, and what the spoon shows after it. */
export function ThickenStep({ plan, state, kitchen, done, tell }: OwnStepProps) {
  const [bench] = useState<Bench>(() => {
    const fresh = benchFor(plan, plan.rules, plan.dish);
    return state.sauce
      ? {
          ...fresh,
          way: 'jug',
          reading: String(state.sauce.sauceG),
          aim: state.sauce.aim,
          presentPercent: state.sauce.presentPercent,
          ...chosenAtBench(state),
        }
      : fresh;
  });
  const input = doseInput(
    bench,
    state.sauce?.sauceG ?? plan.sauce.leftG.mid,
    plan.rules,
    plan,
    plan.calibration.starchFactor,
  );
  const dose = doseFor(input);
  const stirred = (state.sauce?.starchG ?? 0) > 0;
  const writtenG = input.writtenG ?? 0;
  const isIn = (starchG: number, waterG: number): void =>
    tell(
      ...(state.sauce
        ? []
        : [
            {
              type: 'sauceMeasured',
              sauceG: input.sauceG,
              how: 'forecast',
              aim: bench.aim,
              presentPercent: bench.presentPercent,
            } as const,
          ]),
      { type: 'thickened', thickener: input.thickener, starchG, waterG },
      {
        type: 'timerStarted',
        timerId: freshId(),
        name: BINDING[dose.thickener.how].timer,
        seconds: Math.max(30, dose.thickener.simmerS),
      },
    );
  const t = THICKENERS.find((x) => x.id === input.thickener);
  return (
    <div className="thicken">
      {dose.starchG < 0.4 ? (
        <p className="bench-big">
          <strong className="figure">No starch needed</strong>
        </p>
      ) : (
        <>
          <DoseLines dose={dose} rules={plan.rules} kitchen={kitchen} />
          <p className="soft">
            for {formatMass(input.sauceG, kitchen.units)} of sauce
            {state.sauce?.how === 'forecast' || !state.sauce ? ', as forecast' : ', as measured'}.{' '}
            {sayTemps(t?.note ?? '', kitchen.units)}
          </p>
        </>
      )}
      {dose.starchG >= 0.4 && !stirred && (
        <div className="thicken-ways">
          <Button onClick={() => isIn(dose.starchG, dose.waterG)}>It is in, start the boil</Button>
          {writtenG > 0 && Math.abs(writtenG - dose.starchG) >= 1 && (
            <Button
              variant="outline-primary"
              onClick={() => isIn(writtenG, (dose.waterG * writtenG) / dose.starchG)}
            >
              The recipe’s {formatMass(writtenG, kitchen.units)} is in
            </Button>
          )}
        </div>
      )}
      {stirred && (
        <SpoonShows
          input={input}
          dose={dose}
          kitchen={kitchen}
          onSeen={(seenPercent, promisedPercent) =>
            tell({ type: 'spoonShown', seenPercent, promisedPercent })
          }
          onSecond={(starchG, waterG) =>
            tell({ type: 'thickened', thickener: input.thickener, starchG, waterG })
          }
        />
      )}
      <Button
        className="step-done mt-3"
        variant={stirred || dose.starchG < 0.4 ? 'primary' : 'outline-secondary'}
        onClick={() => done()}
      >
        {stirred || dose.starchG < 0.4 ? 'Thick enough' : 'Leave it thin'}
      </Button>
    </div>
  );
}
