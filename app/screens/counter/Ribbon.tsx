import { formatDurationRange, formatDuration, type Plan, type RibbonBlock } from '../../../core/index';
import { clock, useNow } from '../../parts/now';

const SHORT_S = 110;
/** A label nearer to the end than this share of the ribbon is written before its mark instead of after it. */
const NEAR_END = 0.2;

const isShort = (b: RibbonBlock): boolean => b.durationS.mid < SHORT_S && b.phase !== 'hold';

/** The clock ribbon: every stretch from now to the table, hands-free ones hatched, with what to do in them. */
export function Ribbon({ plan }: { plan: Plan }) {
  const now = useNow();
  const { blocks, totalS, lidOnS, pinDownS, passiveS, handsOnS, tips } = plan.timing;
  if (!blocks.length) return null;
  const total = totalS.mid;
  const left = (s: number): string => `${(100 * s) / total}%`;
  const at = (s: number): string => clock(now + s * 1000);
  return (
    <section className="ribbon" aria-label="The clock, from starting now to the table">
      <div className="ribbon-times" aria-hidden="true">
        <span style={{ left: 0 }}>{at(0)} start</span>
        <span style={{ left: left(lidOnS) }}>{at(lidOnS)} lid on</span>
        <span
          className={(total - pinDownS) / total < NEAR_END ? 'is-before' : ''}
          style={{ left: left(pinDownS) }}
        >
          {at(pinDownS)} pin down
        </span>
        <span className="ribbon-table">{at(total)} table</span>
      </div>
      <ol className="ribbon-blocks">
        {blocks.map((b) => (
          <li
            key={b.phase}
            className={`block block-${b.phase}${b.passive ? ' is-passive' : ''}${isShort(b) ? ' is-short' : ''}`}
            style={{ flexGrow: b.durationS.mid, flexBasis: 0 }}
            title={`${b.label}: ${formatDurationRange(b.durationS)}`}
          >
            <span className={isShort(b) ? 'visually-hidden' : ''}>
              <span className="block-name">{b.label}</span>{' '}
              <span className="block-min">
                {b.passive ? formatDurationRange(b.durationS) : formatDuration(b.durationS.mid)}
              </span>
            </span>
          </li>
        ))}
      </ol>
      <div className="ribbon-foot">
        <span className="ribbon-free" style={{ marginLeft: left(lidOnS), width: left(pinDownS - lidOnS) }} />
        <p className="small mb-0">
          Hands free {formatDuration(passiveS)}, hands on {formatDuration(handsOnS)}.{' '}
          {tips.map((t) => `${at(t.atS)} ${t.text}`).join(' · ')}
        </p>
      </div>
    </section>
  );
}
