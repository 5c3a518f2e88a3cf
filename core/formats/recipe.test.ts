import fc from 'fast-check';
import { deflateSync, strToU8 } from 'fflate';
import { scriptCases } from '../../corpora/judge';
import { demoHousehold } from '../../demo/household';
import { DishSchema, emptyDish, type Dish } from '../dish/dish';
import { MOMENTS } from '../dish/moment';
import { pagesFromJsonLd } from '../page/jsonLd';
import { readPage } from '../page/page';
import { recipeOf } from '../page/recipe';
import { Pantry } from '../pantry/pantry';
import { defaultKitchen } from '../kitchen/kitchen';
import { planDish } from '../plan/plan';
import { MAX_LINK, packDish, unpackDish } from './link';
import { isSameRecipe, portable } from './portable';
import { wholeDishesIn, writeBook, writeRecipe, writeRecipeText } from './recipe';

const NOW = Date.UTC(2026, 10, 27);
const pantry = new Pantry();
const kitchen = defaultKitchen();
const demo = demoHousehold(NOW);
const told = ['open', 'twelfth', 'spent-7'].flatMap((file) =>
  scriptCases(`corpora/scripts/${file}.txt`).map((c): Dish => ({
    ...emptyDish('told', c.name, NOW),
    lines: c.lines.map((text, i) => ({ id: `q${i}`, text })),
    method: c.method,
  })),
);

const words = fc.string({ unit: 'grapheme', maxLength: 60 });
const arbDish: fc.Arbitrary<Dish> = fc
  .record({
    name: words.filter((w) => w.length > 0),
    writtenFor: fc.integer({ min: 1, max: 60 }),
    plates: fc.integer({ min: 1, max: 60 }),
    lines: fc.array(
      fc.record(
        {
          text: words,
          section: words,
          moment: fc.constantFrom(...MOMENTS),
          massG: fc.integer({ min: 1, max: 9000 }),
          frozen: fc.boolean(),
        },
        { requiredKeys: ['text'] },
      ),
      { maxLength: 12 },
    ),
    method: words,
    note: words,
    tags: fc.array(
      words.map((w) => w.slice(0, 12)),
      { maxLength: 4 },
    ),
    minutes: fc.option(fc.integer({ min: 0, max: 180 })),
  })
  .map(({ lines, minutes, ...rest }) =>
    DishSchema.parse({
      ...rest,
      id: 'any',
      lines: lines.map((l, i) => ({ ...l, id: `x${i}` })),
      script: {
        acts: lines.length
          ? [
              {
                id: 'a0',
                verb: 'brown',
                lines: [{ lineId: 'x0', share: 1 }],
                again: [],
                minutes: 4,
                words: 'Brown it.',
                where: 'pot',
              },
            ]
          : [],
        isConverted: false,
        convertedFrom: '',
      },
      settings: { minutes },
      createdAt: NOW,
      updatedAt: NOW,
    }),
  );

describe('a dish in a link', () => {
  it('comes out as it went in, whatever is in it', () => {
    fc.assert(
      fc.property(arbDish, (dish) => {
        const got = unpackDish(packDish(dish), 'mine', NOW);
        expect(got.ok).toBe(true);
        if (!got.ok) return;
        expect(isSameRecipe(got.dish, dish)).toBe(true);
        expect(got.dish.lines.map((l) => l.text)).toEqual(dish.lines.map((l) => l.text));
        // The cook's own order still means the same lines.
        expect(got.dish.script?.acts[0]?.lines[0]?.lineId).toBe(got.dish.lines[0]?.id);
      }),
    );
  });

  it('is short for an ordinary dish, and fit for an address', () => {
    for (const dish of [...demo.dishes, ...told]) {
      const link = packDish(dish);
      expect(link).toMatch(/^[\w-]+$/);
      expect(link.length).toBeLessThan(2000);
    }
  });

  it('takes nothing of the house along: no pot, no page, no log, no identity', () => {
    const [first] = demo.dishes;
    const dish: Dish = {
      ...first!,
      id: 'secret-id',
      page: 'PAGE',
      nextTime: ['NEXT'],
      settings: { ...first!.settings, potId: 'secret-pot' },
    };
    expect(JSON.stringify(portable(dish))).not.toMatch(/secret|PAGE|NEXT/);
    const got = unpackDish(packDish(dish), 'mine', NOW);
    expect(got.ok && [got.dish.id, got.dish.settings.potId, got.dish.demo]).toEqual(['mine', null, false]);
  });

  it('that is broken, cut short or made up is refused in words, and never thrown over', () => {
    const good = packDish(told[0]!);
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 200 }),
          fc.base64String({ maxLength: 400 }).map((s) => `1${s}`),
          fc.nat({ max: good.length - 1 }).map((n) => good.slice(0, n)),
          fc
            .tuple(fc.nat({ max: good.length - 1 }), fc.constantFrom('A', 'z', '_'))
            .map(([n, c]) => `${good.slice(0, n)}${c}${good.slice(n + 1)}`),
        ),
        (text) => {
          const got = unpackDish(text, 'mine', NOW);
          if (got.ok) expect(DishSchema.safeParse(got.dish).success).toBe(true);
          else expect(got.message).toMatch(/no dish in this link/);
        },
      ),
      { numRuns: 400 },
    );
    expect(unpackDish('1'.repeat(MAX_LINK + 1), 'mine', NOW).ok).toBe(false);
  });

  it('unpacks no more than a dish can be', () => {
    const bomb = deflateSync(strToU8(`"${'0'.repeat(20_000_000)}"`), { level: 9 });
    const text = `1${Buffer.from(bomb).toString('base64url')}`;
    expect(text.length).toBeLessThan(MAX_LINK);
    expect(unpackDish(text, 'mine', NOW).ok).toBe(false);
  });
});

describe('a dish as a recipe file', () => {
  it.each([...demo.dishes, ...told].map((d) => [d.name, d] as const))(
    'loses no line, plate, method or word of itself: %s',
    (_, dish) => {
      const file = writeRecipe(planDish(dish, kitchen));
      const [whole] = wholeDishesIn(file, () => 'mine', NOW);
      expect(isSameRecipe(whole!, dish)).toBe(true);
      // As any other program would read it, and this one without its own member.
      const { keenLadle: _own, ...plain } = JSON.parse(file) as Record<string, unknown>;
      const pages = pagesFromJsonLd(JSON.stringify(plain))!;
      const recipe = recipeOf(readPage(pages[0]!, pantry), 0);
      expect(recipe.title).toBe(dish.name);
      expect(recipe.plates).toBe(dish.writtenFor);
      expect(recipe.lines.map((l) => l.text)).toEqual(
        expect.arrayContaining(dish.lines.map((l) => l.text.trim()).filter((t) => t && !/^FOR THE/.test(t))),
      );
      if (dish.method)
        expect(recipe.method.replace(/\s+/g, ' ')).toBe(dish.method.replace(/\s+/g, ' ').trim());
    },
  );

  it('says its times as the format wants them, longest last', () => {
    const file = JSON.parse(writeRecipe(planDish(demo.dishes[1]!, kitchen))) as Record<string, string>;
    const minutes = (iso: string | undefined): number => {
      const [, h = '0', m = '0'] = /^PT(?:(\d+)H)?(?:(\d+)M)?$/.exec(iso ?? '')!;
      return Number(h) * 60 + Number(m);
    };
    expect(minutes(file['totalTime'])).toBeGreaterThan(minutes(file['cookTime']));
    expect(
      Math.abs(minutes(file['prepTime']) + minutes(file['cookTime']) - minutes(file['totalTime'])),
    ).toBeLessThanOrEqual(1);
  });

  it('holds no dish where there is none, and never throws', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.json(),
          fc.json().map((j) => `{"keenLadle":${j}}`),
        ),
        (text) => {
          for (const dish of wholeDishesIn(text, () => 'mine', NOW))
            expect(DishSchema.safeParse(dish).success).toBe(true);
        },
      ),
    );
  });
});

describe('a dish as a text', () => {
  it('sets apart what is held back, has every line once, and every step with its caution', () => {
    for (const dish of demo.dishes) {
      const plan = planDish(dish, kitchen);
      const text = writeRecipeText(plan);
      const held = text.slice(text.indexOf('## Held back'), text.indexOf('## Method'));
      for (const item of plan.held) expect(held).toContain(item.read.foodText.split(' ')[0]!);
      expect(text.match(/^\d+\. /gm)).toHaveLength(plan.steps.length);
      for (const caution of plan.steps.flatMap((s) => s.cautions))
        expect(text).toContain(caution.slice(0, 30));
      expect(text).not.toMatch(/\bsafe\b/i);
    }
  });

  it('is for the plates that are wanted', () => {
    const dish = { ...told[0]!, lines: [{ id: 'a', text: '800 g chicken thighs, cubed' }], plates: 8 };
    expect(writeRecipeText(planDish(dish, kitchen))).toMatch(/- 1\.6 kg chicken thighs, cubed/);
  });

  it('takes no markup from anybody', () => {
    const dish = { ...told[0]!, name: '<b>#1</b> *stew*', note: '[x](javascript:alert(1))' };
    const text = writeRecipeText(planDish(dish, kitchen));
    expect(text.split('\n')[0]).toBe('# \\<b\\>\\#1\\</b\\> \\*stew\\*');
    expect(text).toContain('\\[x\\](javascript');
  });
});

describe('all dishes as one text', () => {
  const book = writeBook(
    'Our dishes',
    demo.dishes.map((dish, i) => ({ dish, plan: i === 1 ? null : planDish(dish, demo.kitchen) })),
  );

  it('has every dish by its name, in the list and as a part of its own, under one title', () => {
    expect(book.match(/^# .*$/gm)).toEqual(['# Our dishes']);
    expect(book.match(/^## .*$/gm)).toHaveLength(demo.dishes.length);
    for (const dish of demo.dishes)
      expect(book.split(dish.name.split(/[(*_]/)[0] ?? '').length).toBeGreaterThan(2);
  });

  it('holds what each dish has by itself, and a dish that cannot be planned in its own lines', () => {
    for (const [i, dish] of demo.dishes.entries()) {
      const alone =
        i === 1 ? dish.lines.map((l) => l.text) : writeRecipeText(planDish(dish, demo.kitchen)).split('\n');
      for (const line of alone.filter((l) => l.startsWith('- '))) expect(book).toContain(line);
    }
    expect(book).toContain(demo.dishes[1]!.lines[0]!.text);
  });

  it('is a title and nothing else for an empty shelf', () => {
    expect(writeBook('Our dishes', [])).toBe('# Our dishes\n\n');
  });
});
