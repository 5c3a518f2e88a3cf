import { formatTemp, type Kitchen, type Plan, type RangeAnswer } from '../../../core/index';

/** From here on how often more than asked for is not worth telling. */
const MANY = 50;

/** How much of the authority's time at temperature the simulation saw: a figure, never a verdict. */
function times(lethal: number): string {
  if (lethal > MANY) return `over ${MANY} ×`;
  return `${lethal < 10 ? lethal.toFixed(1) : Math.round(lethal)} ×`;
}

/** Everything in the pot that has to come out right, each with its own window of minutes. */
export function Kinds({
  plan,
  kitchen,
  ranges,
}: {
  plan: Plan;
  kitchen: Kitchen;
  ranges: RangeAnswer | null;
}) {
  const { heat, kinds } = plan;
  const temp = (c: number): string => formatTemp(c, kitchen.units);
  if (!kinds.length) return null;
  return (
    <div className="clock-kinds">
      <table className="clock-table">
        <caption className="visually-hidden">What is in the pot when the lid opens</caption>
        <thead>
          <tr>
            <th scope="col">In the pot</th>
            <th scope="col">Will be</th>
            <th scope="col">Right from–to</th>
            <th scope="col">Core</th>
            <th scope="col" className="is-wide">
              Surface
            </th>
            <th scope="col">Time at temperature</th>
          </tr>
        </thead>
        <tbody>
          {kinds.map((kind, i) => {
            const f = heat.kinds[i];
            if (!f) return null;
            const { from, to } = f.windowMin;
            const range = ranges?.kinds[i]?.coreAtOpenC;
            return (
              <tr key={`${kind.label}${i}`}>
                <th scope="row">
                  {kind.label}{' '}
                  <span className="soft">
                    {Math.round('cut' in kind ? kind.thicknessMm : kind.sizeMm)} mm
                    {kind.later ? ', later' : ''}
                    {i === heat.lead && kinds.length > 1 ? ', decides' : ''}
                  </span>
                </th>
                <td>{f.state}</td>
                <td>{to > from ? `${from}–${to} min` : to === from ? `${from} min` : 'no longer'}</td>
                <td>
                  {temp(range?.mid ?? f.coreAtOpenC)}
                  {range && range.high - range.low >= 2 && (
                    <span className="soft">
                      {' '}
                      ({temp(range.low)}–{temp(range.high)})
                    </span>
                  )}
                </td>
                <td className="is-wide">{temp(f.surfaceAtOpenC)}</td>
                <td>{f.lethal === null ? '–' : times(f.lethal)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="small soft mb-0">
        Time at temperature: how many times over the simulated core had what{' '}
        {kitchen.authority === 'uk' ? 'the UK public advice' : 'the US public tables'} ask for. A simulation
        knows nothing of your piece: check one thick one with the thermometer.
      </p>
    </div>
  );
}
