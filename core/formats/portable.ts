import { z } from 'zod';
import { DishSchema, DishSettingsSchema, LineSchema, type Dish, type Line } from '../dish/dish';

/** A dish as it leaves the household: what the cook wrote and decided of the dish, nothing of the house, no page, no time, no identity. */
const PortableSchema = z.object({
  v: z.literal(1),
  name: DishSchema.shape.name,
  writtenFor: DishSchema.shape.writtenFor,
  plates: DishSchema.shape.plates.optional(),
  /** A line that is only its words is a text. */
  lines: z.array(z.union([LineSchema.shape.text, LineSchema.omit({ id: true })])).max(200),
  method: DishSchema.shape.method.optional(),
  script: DishSchema.shape.script,
  note: DishSchema.shape.note.optional(),
  tags: DishSchema.shape.tags.optional(),
  settings: DishSettingsSchema.partial().optional(),
  rules: DishSchema.shape.rules.optional(),
});
export type Portable = z.infer<typeof PortableSchema>;

const lineId = (index: number): string => `l${index}`;
const DEFAULT_SETTINGS = DishSettingsSchema.parse({});

/** A dish to be sent: what is as always is left out, lines are known by their place. */
export function portable(dish: Dish): Portable {
  const at = new Map(dish.lines.map((l, i) => [l.id, lineId(i)]));
  const known = (id: string): string | [] => at.get(id) ?? [];
  const settings = Object.fromEntries(
    Object.entries(dish.settings).filter(
      ([key, value]) =>
        !['potId', 'meal', 'layers'].includes(key) &&
        JSON.stringify(value) !== JSON.stringify(DEFAULT_SETTINGS[key as keyof typeof DEFAULT_SETTINGS]),
    ),
  );
  return PortableSchema.parse({
    v: 1,
    name: dish.name,
    writtenFor: dish.writtenFor,
    ...(dish.plates === dish.writtenFor ? {} : { plates: dish.plates }),
    lines: dish.lines.map(({ id: _id, ...line }) => (Object.keys(line).length === 1 ? line.text : line)),
    ...(dish.method ? { method: dish.method } : {}),
    ...(dish.script
      ? {
          script: {
            ...dish.script,
            acts: dish.script.acts.map((a) => ({
              ...a,
              lines: a.lines.flatMap((l) => (at.has(l.lineId) ? [{ ...l, lineId: at.get(l.lineId) }] : [])),
              again: a.again.flatMap(known),
            })),
          },
        }
      : {}),
    ...(dish.note ? { note: dish.note } : {}),
    ...(dish.tags.length ? { tags: dish.tags } : {}),
    ...(Object.keys(settings).length ? { settings } : {}),
    ...(Object.keys(dish.rules).length ? { rules: dish.rules } : {}),
  });
}

/** A dish from what was sent; null where it is none. Everything in it is checked. `id` and `now` (epoch ms) are the receiver's. */
export function fromPortable(data: unknown, id: string, now: number): Dish | null {
  const read = PortableSchema.safeParse(data);
  if (!read.success) return null;
  const { v: _v, lines, plates, ...rest } = read.data;
  const dish = DishSchema.safeParse({
    ...rest,
    id,
    plates: plates ?? rest.writtenFor,
    lines: lines.map((line, i): Line => ({
      ...(typeof line === 'string' ? { text: line } : line),
      id: lineId(i),
    })),
    settings: rest.settings ?? {},
    createdAt: now,
    updatedAt: now,
  });
  return dish.success ? dish.data : null;
}

/** True of two dishes that are the same to whoever receives them. */
export function isSameRecipe(one: Dish, other: Dish): boolean {
  return JSON.stringify(portable(one)) === JSON.stringify(portable(other));
}
