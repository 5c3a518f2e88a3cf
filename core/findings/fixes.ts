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
    apply: (dish) =>
      editLine(dish, lineId, (line) => {
        const { split: _split, ...rest } = line;
        return { ...rest, moment };
      }),
  };
}

/** Holds flour or starch back and has it sized after pressure. */
export function holdAsSlurry(lineId: string, label = 'Hold it, size it as slurry'): Fix {
  return {
    id: `slurry-${lineId}`,
    label,
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
      return { ...dish, lines: [...dish.lines, { id: freeLineId(dish), text, added: true, moment: 'lid' }] };
    },
  };
}

/** Writes a line anew with less in it. */
export function pourLess(lineId: string, text: string, label: string): Fix {
  return {
    id: `less-${lineId}`,
    label,
    apply: (dish) => editLine(dish, lineId, (line) => ({ ...line, text })),
  };
}

/** Takes one line as thawed. */
export function thawLine(lineId: string, label: string): Fix {
  return {
    id: `thaw-${lineId}`,
    label,
    apply: (dish) => editLine(dish, lineId, (line) => ({ ...line, frozen: false })),
  };
}

/** Keeps lines for when the pot is opened in between, or (`later` false) puts them under the first lid again. */
export function addLater(lineIds: readonly string[], label: string, later = true): Fix {
  return {
    id: `later-${lineIds.join('-')}-${later}`,
    label,
    apply: (dish) =>
      lineIds.reduce((d, id) => editLine(d, id, (line) => ({ ...line, later: later || undefined })), dish),
  };
}

/** Stands a line on the rack, in a bowl of its own, or back in the liquid. */
export function standOn(lineId: string, on: Line['on'], label: string): Fix {
  return {
    id: `stand-${lineId}-${on ?? 'liquid'}`,
    label,
    apply: (dish) => editLine(dish, lineId, (line) => ({ ...line, on })),
  };
}

/** Loads the layers in an order of the cook's own, from the floor up; an empty list gives it back to the rules. */
export function loadInOrder(layers: readonly string[], label: string): Fix {
  return {
    id: `layers-${layers.join('-') || 'computed'}`,
    label,
    apply: (dish) => ({ ...dish, settings: { ...dish.settings, layers: [...layers] } }),
  };
}

/** Cuts the piece of a line to a size, without touching the cook's words. */
export function cutLine(lineId: string, thicknessMm: number, label: string): Fix {
  return {
    id: `cut-${lineId}-${thicknessMm}`,
    label,
    apply: (dish) => ({
      ...editLine(dish, lineId, (line) => ({ ...line, cut: 'cubed', bone: 'out', thicknessMm })),
      settings: { ...dish.settings, thicknessMm: null },
    }),
  };
}

/** Splits a line between moments; the shares add to one. */
export function splitLine(lineId: string, parts: NonNullable<Line['split']>, label: string): Fix {
  return {
    id: `split-${lineId}`,
    label,
    apply: (dish) =>
      editLine(dish, lineId, (line) => {
        const { moment: _moment, ...rest } = line;
        return { ...rest, split: parts };
      }),
  };
}

/** Gives a line back to the rules: no moment, no split, no slurry of the cook's own. */
export function asComputed(lineId: string, label: string): Fix {
  return {
    id: `computed-${lineId}`,
    label,
    apply: (dish) =>
      editLine(dish, lineId, (line) => {
        const { moment: _moment, split: _split, asSlurry: _slurry, ...rest } = line;
        return rest;
      }),
  };
}

/** Puts one part of a line at a moment; a line that the rules divide becomes the cook's own split, the rest staying where it was. */
export function movePart(
  lineId: string,
  partIndex: number,
  parts: readonly { share: number; moment: Moment }[],
  moment: Moment,
  label: string,
): Fix {
  if (parts.length < 2) return moveLine(lineId, moment, label);
  const next = parts.map((p, i) =>
    i === partIndex ? { ...p, moment } : { share: p.share, moment: p.moment },
  );
  const first = next[0]?.moment;
  if (first && next.every((p) => p.moment === first))
    return {
      id: `move-${lineId}-${first}`,
      label,
      apply: (dish) =>
        editLine(dish, lineId, (line) => {
          const { split: _split, ...rest } = line;
          return { ...rest, moment: first };
        }),
    };
  return splitLine(
    lineId,
    next.map(({ share, moment: m }) => ({ share, moment: m })),
    label,
  );
}

/** Makes several lines of one that holds several things; the first keeps the line's identity. */
export function tellLineApart(lineId: string, texts: readonly string[]): Fix {
  return {
    id: `apart-${lineId}`,
    label: `Make ${texts.length} lines of it`,
    apply: (dish) => {
      const lines: Line[] = [];
      for (const line of dish.lines) {
        if (line.id !== lineId) {
          lines.push(line);
          continue;
        }
        const { foodId: _food, massG: _mass, ...rest } = line;
        texts.forEach((text, i) =>
          lines.push({
            ...rest,
            id: i === 0 ? line.id : freeLineId({ ...dish, lines: [...dish.lines, ...lines] }),
            text,
          }),
        );
      }
      return { ...dish, lines: lines.slice(0, 200) };
    },
  };
}

/** Tells the tool what an unknown word is. */
export function takeAs(lineId: string, foodId: string, label: string): Fix {
  return {
    id: `take-${lineId}-${foodId}`,
    label,
    likeId: foodId,
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

/** An identity for a line the tool adds, not yet taken in the dish. */
export function freeLineId(dish: Dish): string {
  const taken = new Set(dish.lines.map((l) => l.id));
  let n = dish.lines.length;
  while (taken.has(`added-${n}`)) n++;
  return `added-${n}`;
}
