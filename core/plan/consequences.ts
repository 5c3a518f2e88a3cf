import { formatDuration, formatMass, formatVolume, type DisplayUnits } from '../quantity/format';
import type { Plan } from './plan';
import { SEVERITIES, type Severity } from '../findings/index';

/** One difference between two plans of a dish: what changes, and whether it is for the better. */
export interface Consequence {
  text: string;
  kind: 'better' | 'worse' | 'neither';
}

const rank = (s: Severity): number => SEVERITIES.indexOf(s);

/**
 * What changes when a dish is planned otherwise: time to the table, hands, minutes, liquid against the pot's need, the floor,
 * salt, the starch to add, and findings that appear or go. Differences too small to matter are left out; empty when
 * nothing changes that a cook would notice.
 */
export function consequencesOf(before: Plan, after: Plan, units: DisplayUnits): Consequence[] {
  const out: Consequence[] = [];
  const say = (text: string, delta: number): void => {
    out.push({ text, kind: delta < 0 ? 'better' : delta > 0 ? 'worse' : 'neither' });
  };
  const time = after.timing.totalS.mid - before.timing.totalS.mid;
  if (Math.abs(time) >= 60)
    say(`${formatDuration(Math.abs(time))} ${time > 0 ? 'later' : 'sooner'} on the table`, time);
  const hands = after.timing.handsOnS - before.timing.handsOnS;
  if (Math.abs(hands) >= 120)
    say(`${formatDuration(Math.abs(hands))} ${hands > 0 ? 'more' : 'less'} handwork`, hands);
  const hold = Math.round(after.heat.holdS / 60) - Math.round(before.heat.holdS / 60);
  if (hold !== 0)
    out.push({
      text: `${Math.round(after.heat.holdS / 60)} min under pressure, not ${Math.round(before.heat.holdS / 60)}`,
      kind: 'neither',
    });
  const spare = (plan: Plan): number => plan.liquid.countedMl.mid - plan.liquid.needMl;
  const liquid = spare(after) - spare(before);
  if (Math.abs(liquid) >= 25)
    say(
      `${formatVolume(Math.abs(liquid), units)} ${liquid > 0 ? 'more' : 'less'} thin liquid${spare(after) < 0 ? ', too little for this pot' : ''}`,
      spare(after) < 0 || spare(before) < 0 ? -liquid : 0,
    );
  const risk = after.floor.risk - before.floor.risk;
  if (Math.abs(risk) >= 0.05)
    say(
      `the floor ${risk > 0 ? 'more' : 'less'} likely to catch (${percent(before.floor.risk)} to ${percent(after.floor.risk)})`,
      risk,
    );
  const starch = after.sauce.dose.starchG - before.sauce.dose.starchG;
  if (Math.abs(starch) >= 2)
    out.push({
      text: `${formatMass(Math.abs(starch), units)} ${starch > 0 ? 'more' : 'less'} starch at the end`,
      kind: 'neither',
    });
  const plates = Math.max(0.5, after.dish.plates);
  const salt = (after.sauce.saltG - before.sauce.saltG) / plates;
  if (Math.abs(salt) >= 0.2)
    say(`${formatMass(Math.abs(salt), units)} ${salt > 0 ? 'more' : 'less'} salt a plate`, salt);
  const moved = after.items.filter((item) => {
    const was = before.items.find((i) => i.lineId === item.lineId && i.partIndex === item.partIndex);
    return was !== undefined && was.moment !== item.moment;
  }).length;
  if (moved > 1) out.push({ text: `${moved} things change their moment`, kind: 'neither' });
  const worseThan = (plan: Plan, id: string): Severity | undefined =>
    plan.findings.find((f) => f.id === id)?.severity;
  for (const f of after.findings) {
    const was = worseThan(before, f.id);
    if (rank(f.severity) <= rank('careful') && (was === undefined || rank(f.severity) < rank(was)))
      say(`new: ${lower(f.text)}`, 1);
  }
  for (const f of before.findings)
    if (rank(f.severity) <= rank('careful') && worseThan(after, f.id) === undefined)
      say(`no more: ${lower(f.text)}`, -1);
  return out;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
