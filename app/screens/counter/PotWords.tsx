import { formatNumber, formatVolume, type DisplayUnits, type Plan } from '../../../core/index';

/** The same in words: the drawing's text equivalent. */
export function PotWords({
  plan,
  units,
  percent,
  thinMl,
}: {
  plan: Plan;
  units: DisplayUnits;
  percent: number;
  thinMl: number;
}) {
  const { fill, floor, liquid } = plan;
  return (
    <details className="pot-words small">
      <summary id="pot-words">
        {percent > 100 ? 'Too full: ' : ''}
        {percent} % of the fill line, thin liquid {formatVolume(thinMl, units)} of{' '}
        {formatVolume(liquid.needMl, units)}
      </summary>
      <p className="mb-1">From the floor up:</p>
      <ol>
        {fill.layers.map((l) => (
          <li key={l.id}>
            {l.label}, {Math.round(l.topMm - l.bottomMm)} mm. {l.why} {l.cost}
          </li>
        ))}
      </ol>
      <p className="mb-1">
        What may catch:{' '}
        {floor.parts.length
          ? floor.parts.map((p) => `${p.label} ${Math.round(p.risk * 100)} %`).join(', ')
          : 'nothing much'}
        .
      </p>
      <p className="mb-0">
        At most {formatNumber(fill.mostPlates)} plates under the line. Sauce when the pin drops:{' '}
        {formatVolume(liquid.sauceAfterG.low, units)} to {formatVolume(liquid.sauceAfterG.high, units)}.
      </p>
    </details>
  );
}
