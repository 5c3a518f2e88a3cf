import type { Consequence } from '../../core/index';

const SIGN: Record<Consequence['kind'], string> = { better: '+', worse: '−', neither: '·' };
const WORD: Record<Consequence['kind'], string> = { better: 'better: ', worse: 'worse: ', neither: '' };

/** What a choice changes, each said with a sign as well as a colour. */
export function Consequences({ list }: { list: readonly Consequence[] }) {
  if (!list.length) return null;
  return (
    <ul className="consequences">
      {list.map((c) => (
        <li key={c.text} className={`consequence-${c.kind}`}>
          <span aria-hidden="true">{SIGN[c.kind]}</span>
          <span className="visually-hidden">{WORD[c.kind]}</span>
          {c.text}
        </li>
      ))}
    </ul>
  );
}
