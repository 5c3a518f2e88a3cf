import { formatVolume, type DisplayUnits, type LiquidEntry, type Plan } from '../../../core/index';

const NAMES: Record<LiquidEntry['kind'], string> = {
  poured: 'poured',
  given: 'given up',
  drunk: 'drunk',
  boiled: 'boiled off',
};

/** The thin-liquid sum as a bar and a sentence, and every entry of the ledger one tap away. */
export function Ledger({ plan, units }: { plan: Plan; units: DisplayUnits }) {
  const { liquid } = plan;
  const parts = liquid.entries
    .filter((e) => e.counts && Math.abs(e.ml.mid) >= 3)
    .sort((a, b) => b.ml.mid - a.ml.mid);
  const plus = parts.filter((e) => e.ml.mid > 0);
  const minus = parts.filter((e) => e.ml.mid < 0);
  const sum = plus.reduce((s, e) => s + e.ml.mid, 0);
  const top = Math.max(liquid.needMl * 1.25, sum) * 1.02;
  const share = (ml: number): string => `${(100 * ml) / top}%`;
  const vol = (ml: number): string => formatVolume(Math.abs(ml), units);
  const signed = (ml: number): string => (ml < 0 ? `−${vol(ml)}` : vol(ml));
  return (
    <div className="ledger">
      <div className="ledger-bar" aria-hidden="true">
        {plus.map((e, i) => (
          <span
            key={`${e.label}-${i}`}
            className={`ledger-${e.kind}`}
            style={{ width: share(e.ml.mid) }}
            title={`${e.label}: ${e.why}`}
          />
        ))}
        <i style={{ left: share(liquid.needMl) }} />
      </div>
      <p className="small mb-1">
        {plus.map((e) => `${vol(e.ml.mid)} ${e.label}`).join(' + ') || 'Nothing thin'}
        {minus.length > 0 && ` − ${minus.map((e) => `${vol(e.ml.mid)} ${e.label}`).join(' − ')}`}
        {' = '}
        <strong>{vol(Math.max(0, liquid.countedMl.mid))}</strong>, this pot needs {vol(liquid.needMl)}. When
        the pin drops: <strong>{vol(liquid.sauceAfterG.low)}</strong> to{' '}
        <strong>{vol(liquid.sauceAfterG.high)}</strong> of sauce.
      </p>
      {liquid.entries.length > 0 && (
        <details className="pot-words small">
          <summary>The whole sum</summary>
          <table className="ledger-table">
            <thead>
              <tr>
                <th scope="col">What</th>
                <th scope="col">Thin</th>
                <th scope="col">Range</th>
                <th scope="col">Why</th>
              </tr>
            </thead>
            <tbody>
              {liquid.entries.map((e, i) => (
                <tr key={i} className={e.counts ? '' : 'is-not-counted'}>
                  <th scope="row">
                    {e.label} <span className="soft">{NAMES[e.kind]}</span>
                  </th>
                  <td>{signed(e.ml.mid)}</td>
                  <td>
                    {signed(e.ml.low)} to {signed(e.ml.high)}
                  </td>
                  <td>
                    {e.why}
                    {!e.counts && <strong> · not counted</strong>}
                  </td>
                </tr>
              ))}
            </tbody>
            <tfoot>
              <tr>
                <th scope="row">Counted</th>
                <td>{signed(Math.max(0, liquid.countedMl.mid))}</td>
                <td>
                  {signed(liquid.countedMl.low)} to {signed(liquid.countedMl.high)}
                </td>
                <td>
                  {plan.rules.liquid === 'juices'
                    ? `House rule: juices count, with at least ${vol(liquid.pouredFloorMl)} poured`
                    : 'House rule: only what is poured'}
                </td>
              </tr>
            </tfoot>
          </table>
        </details>
      )}
    </div>
  );
}
