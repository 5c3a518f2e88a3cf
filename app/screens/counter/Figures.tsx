import { figuresOf, type Food } from '../../../core/index';

/** What every sum here takes of this food, and where each figure is from. */
export function Figures({ food }: { food: Food }) {
  return (
    <details className="line-more">
      <summary>What is known of it, and from where</summary>
      <table className="figures small">
        <tbody>
          {figuresOf(food).map((f) => (
            <tr key={f.figure}>
              <th scope="row">{f.name}</th>
              <td>
                {f.value} <span className="soft">± {Math.round(f.spread * 100)} %</span>
              </td>
              <td className="soft">{f.source}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
