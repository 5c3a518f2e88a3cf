import type { Dish, Line } from './dish';
import { AIM_WORDS, RELEASE_WORDS, SAUCE_WORDS } from './words';
import { SCHOOLS } from './houseRules';
import { MOMENT_NAMES } from './moment';

/** One readable difference between two versions of a dish. */
export interface DishChange {
  kind: 'added' | 'removed' | 'changed' | 'moved' | 'setting';
  text: string;
}

const short = (text: string): string => (text.length > 90 ? `${text.slice(0, 88)}…` : text);
const minutes = (m: number | null): string => (m === null ? 'as computed' : `${m} min`);
const orComputed = (word: string | null | undefined): string => word ?? 'as computed';

/**
 * What changed from one version of a dish to another, in a cook's words and the order of the lines. Lines are matched by
 * identity, so an edited line reads as changed rather than as one gone and one come. Empty when nothing did.
 */
export function diffDishes(from: Dish, to: Dish): DishChange[] {
  const out: DishChange[] = [];
  const say = (kind: DishChange['kind'], text: string): void => void out.push({ kind, text });
  if (from.name !== to.name) say('setting', `Name: “${short(from.name)}”, now “${short(to.name)}”`);
  if (from.writtenFor !== to.writtenFor)
    say('setting', `Written for ${from.writtenFor} plates, now ${to.writtenFor}`);
  if (from.plates !== to.plates) say('setting', `${from.plates} plates, now ${to.plates}`);
  const before = new Map(from.lines.map((l) => [l.id, l]));
  const after = new Set(to.lines.map((l) => l.id));
  for (const line of to.lines) {
    const was = before.get(line.id);
    if (!was) say('added', `Added: ${short(line.text)}`);
    else out.push(...diffLine(was, line));
  }
  for (const line of from.lines) if (!after.has(line.id)) say('removed', `Taken out: ${short(line.text)}`);
  const a = from.settings;
  const b = to.settings;
  if (a.minutes !== b.minutes) say('setting', `Minutes: ${minutes(a.minutes)}, now ${minutes(b.minutes)}`);
  if (a.release !== b.release)
    say(
      'setting',
      `Release: ${orComputed(a.release && RELEASE_WORDS[a.release])}, now ${orComputed(b.release && RELEASE_WORDS[b.release])}`,
    );
  if (a.pressure !== b.pressure) say('setting', `Pressure: ${a.pressure}, now ${b.pressure}`);
  if (a.thicknessMm !== b.thicknessMm)
    say(
      'setting',
      `Thickness: ${a.thicknessMm === null ? 'as read' : `${a.thicknessMm} mm`}, now ${b.thicknessMm === null ? 'as read' : `${b.thicknessMm} mm`}`,
    );
  if (a.frozen !== b.frozen)
    say('setting', b.frozen ? 'Frozen' : a.frozen ? 'Not frozen' : 'Not frozen, whatever the line says');
  if (Boolean(a.fused) !== Boolean(b.fused))
    say('setting', b.fused ? 'Frozen in one lump' : 'No longer a lump');
  if ((a.keepWarmMin ?? 0) !== (b.keepWarmMin ?? 0))
    say('setting', `Kept warm: ${a.keepWarmMin ?? 0} min, now ${b.keepWarmMin ?? 0} min`);
  if (JSON.stringify(a.again) !== JSON.stringify(b.again))
    say(
      'setting',
      `After opening in between: ${b.again?.then === 'simmer' ? 'a simmer' : 'a second lid'}, ${minutes(b.again?.minutes ?? null)}`,
    );
  if (JSON.stringify(a.meal) !== JSON.stringify(b.meal))
    say(
      'setting',
      `The meal: ${b.meal?.serveAt ? `at ${b.meal.serveAt}` : 'as soon as it can be'}, ${b.meal?.sides.length ?? 0} beside it`,
    );
  if (JSON.stringify(from.script) !== JSON.stringify(to.script))
    say('setting', to.script ? 'How it goes: changed by hand' : 'How it goes: as the method says');
  if (a.aim !== b.aim) say('setting', `Sauce: ${AIM_WORDS[a.aim]}, now ${AIM_WORDS[b.aim]}`);
  if ((a.sauce ?? 'recipe') !== (b.sauce ?? 'recipe'))
    say('setting', `Sauce: ${SAUCE_WORDS[a.sauce ?? 'recipe']}, now ${SAUCE_WORDS[b.sauce ?? 'recipe']}`);
  if (a.potId !== b.potId) say('setting', 'Cooked in another pot');
  for (const school of SCHOOLS) {
    const was = from.rules[school.id];
    const is = to.rules[school.id];
    const label = (id: string | undefined): string =>
      school.options.find((o) => o.id === id)?.label ?? 'as the household does';
    if (was !== is) say('setting', `${school.title}: ${label(was)}, now ${label(is)}`);
  }
  if (from.method !== to.method) say('setting', 'The method is worded differently');
  if (from.note !== to.note) say('setting', to.note ? `Note: ${short(to.note)}` : 'The note is gone');
  for (const note of to.nextTime.filter((n) => !from.nextTime.includes(n)))
    say('added', `For next time: ${short(note)}`);
  if ([...from.tags].sort().join() !== [...to.tags].sort().join())
    say('setting', `Tags: ${to.tags.join(', ') || 'none'}`);
  return out;
}

function diffLine(was: Line, is: Line): DishChange[] {
  const out: DishChange[] = [];
  if (was.text !== is.text) out.push({ kind: 'changed', text: `${short(was.text)}, now ${short(is.text)}` });
  const name = short(is.text);
  if (was.moment !== is.moment)
    out.push({
      kind: 'moved',
      text: `${name}: ${is.moment ? `moved to “${MOMENT_NAMES[is.moment]}”` : 'given back to the rules'}`,
    });
  if (JSON.stringify(was.split) !== JSON.stringify(is.split))
    out.push({
      kind: 'moved',
      text: is.split
        ? `${name}: split between ${is.split.map((p) => MOMENT_NAMES[p.moment].toLowerCase()).join(' and ')}`
        : `${name}: no longer split`,
    });
  if (
    was.foodId !== is.foodId ||
    was.massG !== is.massG ||
    was.cut !== is.cut ||
    was.bone !== is.bone ||
    was.thicknessMm !== is.thicknessMm ||
    was.frozen !== is.frozen
  )
    out.push({ kind: 'changed', text: `${name}: read differently` });
  if (Boolean(was.later) !== Boolean(is.later))
    out.push({
      kind: 'moved',
      text: `${name}: ${is.later ? 'added when opened in between' : 'under the first lid'}`,
    });
  if (Boolean(was.asSlurry) !== Boolean(is.asSlurry))
    out.push({ kind: 'changed', text: `${name}: ${is.asSlurry ? 'sized as a slurry' : 'as written'}` });
  return out;
}

/** True when two versions of a dish would read the same to a cook. */
export function isSameDish(a: Dish, b: Dish): boolean {
  return diffDishes(a, b).length === 0;
}
