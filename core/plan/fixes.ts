import { type Dish, type DishSettings, type Line } from '../dish/dish';
import type { HouseRules } from '../dish/houseRules';
import type { Moment } from '../dish/moment';
import type { Fix } from './finding';

const editLine = (dish: Dish, lineId: string, edit: (line: Line) => Line): Dish => ({
  ...dish,
  lines: dish.lines.map((line) => (line.id === lineId ? edit(line) : line)),
});

/** Puts a line at a moment by the cook's choice; `undefined` gives it back to the rules. */
export function moveLine(lineId: string, moment: Moment | undefined, label: string): Fix {
  return {
    id: `move-${lineId}-${moment ?? 'computed'}`,
    label,
    apply: (dish) => editLine(dish, lineId, (line) => ({ ...line, moment })),
  };
}

/** Holds flour or starch back and has it sized after pressure. */
export function holdAsSlurry(lineId: string): Fix {
  return {
    id: `slurry-${lineId}`,
    label: 'Hold it, size it as slurry',
    apply: (dish) => editLine(dish, lineId, (line) => ({ ...line, moment: 'thicken', asSlurry: true })),
  };
}

/** Pours in more of a liquid. Marked as added by the tool: it was sized for this pot and does not grow with the plates. */
export function pourIn(ml: number, liquid: string, label: string): Fix {
  return {
    id: `pour-${ml}-${liquid.replace(/\W+/g, '-')}`,
    label,
    apply: (dish) => {
      const text = `${Math.round(ml)} ml ${liquid}`;
      return { ...dish, lines: [...dish.lines, { id: freeId(dish), text, added: true, moment: 'lid' }] };
    },
  };
}

/** Tells the tool what an unknown word is. */
export function takeAs(lineId: string, foodId: string, label: string): Fix {
  return {
    id: `take-${lineId}-${foodId}`,
    label,
    apply: (dish) => editLine(dish, lineId, (line) => ({ ...line, foodId })),
  };
}

/** Sets the plates wanted. */
export function setPlates(plates: number, label: string): Fix {
  return { id: `plates-${plates}`, label, apply: (dish) => ({ ...dish, plates }) };
}

/** Changes settings of the dish. */
export function setSettings(change: Partial<DishSettings>, label: string): Fix {
  return {
    id: `set-${Object.entries(change)
      .map(([k, v]) => `${k}-${String(v)}`)
      .join('-')}`,
    label,
    apply: (dish) => ({ ...dish, settings: { ...dish.settings, ...change } }),
  };
}

/** Overrides a house rule for this dish only. */
export function setRule<K extends keyof HouseRules>(rule: K, option: HouseRules[K], label: string): Fix {
  return {
    id: `rule-${rule}-${String(option)}`,
    label,
    apply: (dish) => ({ ...dish, rules: { ...dish.rules, [rule]: option } }),
  };
}

function freeId(dish: Dish): string {
  const taken = new Set(dish.lines.map((l) => l.id));
  let n = dish.lines.length;
  while (taken.has(`added-${n}`)) n++;
  return `added-${n}`;
}
