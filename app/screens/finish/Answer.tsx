import {
  formatDuration,
  formatMass,
  formatSpoons,
  formatVolume,
  inSpoons,
  isWorthStirring,
  isWrittenRight,
  nearestThickness,
  onThePlate,
  waysToAim,
  thicknessAfter,
  thicknessOf,
  type Dose,
  type DoseInput,
  type HouseRules,
  type Kitchen,
  sayTemps,
} from '../../../core/index';
import { SaucePlate } from '../../parts/SaucePlate';
import { Spoon } from '../../parts/Spoon';
import type { Bench } from './bench';

/** The answer, large: the dose, or the splash that loosens, or nothing; and what the spoon will show. */
export function Answer({
  input,
  dose,
  bench,
  kitchen,
  rules,
}: {
  input: DoseInput;
  dose: Dose;
  bench: Bench;
  kitchen: Kitchen;
  rules: HouseRules;
}) {
  if (dose.loosenG > 0)
    return (
      <>
        <p className="bench-answer bench-big">
          <strong className="figure">{formatVolume(dose.loosenG, kitchen.units)}</strong> stock, to loosen it
        </p>
        <p>It is thicker than {thicknessOf(bench.aim).name} already: nothing to add.</p>
      </>
    );
  if (!isWorthStirring(dose))
    return (
      <>
        <p className="bench-answer bench-big">
          <strong className="figure">Nothing</strong>
        </p>
        <p>
          {formatVolume(input.sauceG, kitchen.units)} of sauce is {thicknessOf(bench.aim).name} as it is.
        </p>
      </>
    );
  return (
    <>
      <div className="bench-answer">
        <DoseLines dose={dose} rules={rules} kitchen={kitchen} />
      </div>
      <Becomes input={input} dose={dose} glaze={bench.aim === 'glaze'} />
      <Ways input={input} kitchen={kitchen} />
      <Notes input={input} dose={dose} kitchen={kitchen} />
    </>
  );
}

/** A spoon now, a spoon in the pot, and the plate. */
function Becomes({ input, dose, glaze }: { input: DoseInput; dose: Dose; glaze: boolean }) {
  const plate = onThePlate(dose.resultPercent);
  const { writtenG = 0 } = input;
  const shown: readonly (readonly [string, number])[] = [
    ['now', input.presentPercent],
    ['in the pot', dose.resultPercent],
    ...(writtenG > 0 && !isWrittenRight(input)
      ? [[`with the recipe’s ${formatMass(writtenG)}`, thicknessAfter(input, writtenG)] as const]
      : []),
  ];
  return (
    <ul className="becomes" aria-label="What the spoon shows">
      {shown.map(([name, percent]) => (
        <li key={name}>
          <Spoon percent={percent} glaze={glaze && name !== 'now'} />
          <span className="small">
            {name}: <strong>{nearestThickness(percent).name}</strong>
          </span>
        </li>
      ))}
      <li>
        <SaucePlate percent={plate} glaze={glaze} />
        <span className="small">
          on the plate: <strong>{nearestThickness(plate).name}</strong>
        </span>
      </li>
    </ul>
  );
}

/** Starch alone, some of both, boiling alone: what each takes, in one line. */
function Ways({ input, kitchen }: { input: DoseInput; kitchen: Kitchen }) {
  const ways = waysToAim(input);
  if (!ways) return null;
  const { both, boilDown } = ways;
  return (
    <p className="bench-ways small">
      {both && (
        <span>
          <strong>Both:</strong> boil {formatDuration(both.minutes * 60)}, then{' '}
          {formatMass(both.dose.starchG, kitchen.units)}
        </span>
      )}
      <span>
        <strong>Boil down only:</strong>{' '}
        {boilDown
          ? `${formatDuration(boilDown.minutes * 60)}, ${formatVolume(boilDown.leftG, kitchen.units)} left, salt × ${boilDown.saltFactor.toFixed(1)}`
          : 'no, too little in it thickens'}
      </span>
    </p>
  );
}

function Notes({ input, dose, kitchen }: { input: DoseInput; dose: Dose; kitchen: Kitchen }) {
  const t = dose.thickener;
  const spoon = inSpoons(input, dose);
  const off = Math.round(Math.abs(spoon.error) * 100);
  return (
    <div className="bench-notes">
      <p className="mb-1">
        {dose.capped && `${dose.resultThickness.name}, no further: more ${t.name} turns unpleasant. `}
        <span className="soft">
          Likely between {formatMass(dose.rangeG.low)} and {formatMass(dose.rangeG.high)}: start with this,
          look, then decide.
          {off >= 5 && spoon.massG > 0
            ? ` In spoons it is ${off} % ${spoon.error > 0 ? 'more' : 'less'} than the sum.`
            : ''}
        </span>
      </p>
      <p className="soft small mb-0">
        {sayTemps(t.note, kitchen.units)}
        {t.gluten && ' Contains gluten.'}
      </p>
    </div>
  );
}

/** The dose in spoons and grams, and the cold liquid it is stirred into. */
export function DoseLines({ dose, rules, kitchen }: { dose: Dose; rules: HouseRules; kitchen: Kitchen }) {
  const { thickener: t, starchG } = dose;
  const yolks = Math.max(1, Math.round(starchG / 18));
  const amount =
    t.id === 'yolk'
      ? String(yolks)
      : t.how === 'boil-down'
        ? formatVolume(starchG, kitchen.units)
        : t.how === 'blend'
          ? formatMass(starchG, kitchen.units)
          : formatSpoons(starchG / t.gPerMl);
  return (
    <>
      <p className="bench-big" data-testid="dose">
        <strong className="figure">{amount}</strong>{' '}
        {t.id === 'yolk' ? (yolks === 1 ? 'egg yolk' : 'egg yolks') : t.name}{' '}
        {t.how !== 'blend' && <span className="bench-grams">{formatMass(starchG)}</span>}
      </p>
      {dose.waterG > 0 && (
        <p className="bench-second">
          into <strong className="figure">{formatSpoons(dose.waterG)}</strong>{' '}
          {rules.slurryWater === 'stock' ? 'cold stock' : 'cold water'}{' '}
          <span className="bench-grams">{formatMass(dose.waterG)}</span>
        </p>
      )}
    </>
  );
}
