import {
  airKPa,
  BOIL_OFF_G_PER_MIN,
  defaultKitchen,
  emptyDish,
  freeFatG,
  OPEN_POT,
  Pantry,
  planDairy,
  planDish,
  BAND_LOADS,
  bandTable,
  boilingC,
  centreOf,
  CUBED_EXPONENT,
  cutById,
  doseFor,
  donenessOf,
  freezingTimeS,
  HEAT_FIGURES,
  HeatRanges,
  KITCHEN_SPREADS,
  LETHALITY,
  MEAT,
  Piece,
  saturationKPa,
  secondsAt,
  SLURRY_WATER,
  THICKENERS,
  type ThickenerId,
  SOFTENING,
  spreadOut,
  type HeatInput,
  type Shape,
} from '../core/index';

import { energyRows, twinRows } from './twins';

/** Prints docs/models.md. Nothing here is typed in by hand but the published values it is compared with. */
const STEP_S = 3;
const SURFACE_W = 600;
const AROUND_C = 116;
const START_C = 5;
const SHAPES: readonly [Shape, number][] = [
  ['slab', 0],
  ['cylinder', 1],
  ['sphere', 2],
];
const table = (head: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  [head, head.map(() => '---'), ...rows].map((r) => `| ${r.join(' | ')} |`).join('\n');

/** Worst error of the core against the analytic series from a Fourier number of 0.1, °C. */
function worstAgainstSeries(shape: Shape, exponent: number, thicknessMm: number): number {
  const piece = new Piece({ massG: 1000, thicknessMm, exponent, conduction: 1, startC: START_C });
  const radius = thicknessMm / 2000;
  const alpha = MEAT.conductivityWPerMK / (MEAT.densityKgPerM3 * MEAT.heatJPerKgK);
  const biot = (SURFACE_W * radius) / MEAT.conductivityWPerMK;
  let worst = 0;
  for (let time = STEP_S; time <= 3600; time += STEP_S) {
    piece.step(STEP_S, AROUND_C, SURFACE_W);
    const fourier = (alpha * time) / radius ** 2;
    const exact = AROUND_C + (START_C - AROUND_C) * centreOf(shape, fourier, biot);
    if (fourier > 0.1) worst = Math.max(worst, Math.abs(exact - piece.coreC));
  }
  return worst;
}

/** Heat taken through the surface against heat gained, relative, for a piece warmed from `startC`. */
function imbalance(thicknessMm: number, exponent: number, startC: number): number {
  const piece = new Piece({ massG: 700, thicknessMm, exponent, conduction: 1, startC });
  const before = piece.meanEnthalpy;
  let taken = 0;
  for (let t = 0; t < 1800; t += STEP_S) taken += piece.step(STEP_S, AROUND_C, SURFACE_W);
  const gained = (piece.meanEnthalpy - before) * piece.massKg;
  return Math.abs(taken - gained) / Math.abs(gained);
}

/** Published saturation pressures, kPa. Source: IAPWS steam tables. */
const STEAM: readonly [number, number][] = [
  [60, 19.946],
  [70, 31.201],
  [80, 47.414],
  [90, 70.182],
  [100, 101.418],
  [105, 120.9],
  [110, 143.38],
  [115, 169.18],
  [120, 198.67],
  [125, 232.22],
];

const bands = bandTable();
const bandsInside = bands.reduce((sum, b) => sum + b.inside, 0);
/** Minutes for the middle to reach -18 °C from 10 °C in air, simulated. */
function freezes(exponent: 0 | 1 | 2, thicknessMm: number, aroundC: number, surfaceW: number): number {
  const piece = new Piece({ massG: 1000, thicknessMm, exponent, conduction: 1, startC: 10 });
  let seconds = 0;
  while (piece.coreC > -18 && seconds < 1e6) {
    piece.step(STEP_S, aroundC, surfaceW);
    seconds += STEP_S;
  }
  return seconds;
}
const freezing = ([0, 1, 2] as const).flatMap((e) =>
  [20, 40, 60].map((mm) => {
    const simulated = freezes(e, mm, -30, 30);
    const published = freezingTimeS(e, mm, 10, -18, -30, 30);
    return [
      SHAPES[e]?.[0] ?? '',
      mm,
      (published / 60).toFixed(0),
      (simulated / 60).toFixed(0),
      `${((simulated / published - 1) * 100).toFixed(0)} %`,
    ];
  }),
);

/** Two hundred quasi-random kitchens against four thousand random ones, for a kilo of chuck. */
function rangeRows(): (string | number)[][] {
  const chuck = cutById('beef-chuck');
  if (!chuck) return [];
  const input: HeatInput = {
    pot: { heaterW: 1000, lossWPerK: 1, metalJPerK: 650, gaugeKPa: 75 },
    altitudeM: 0,
    roomC: 20,
    lumpJPerK: 3200,
    startC: 70,
    pieces: [{ massG: 1000, thicknessMm: 44.8, exponent: CUBED_EXPONENT, conduction: 1, startC: 6 }],
    judged: [{ index: 0, doneness: donenessOf(chuck, 'us') }],
    release: 'natural',
    minutes: null,
  };
  const row = (what: string, ranges: HeatRanges): (string | number)[] => {
    const a = ranges.answer();
    return [what, ...[a.comeUpS, a.releaseS, a.lidS].flatMap((r) => [r.low, r.mid, r.high].map(Math.round))];
  };
  const even = (seed: number): HeatRanges => {
    const r = new HeatRanges(input, 35, 0, seed);
    for (let i = 0; i < 200; i++) r.next();
    return r;
  };
  let state = 12345;
  const random = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  const plain = new HeatRanges(input, 35, 0, 0);
  for (let i = 0; i < 4000; i++) {
    const factors = Object.keys(KITCHEN_SPREADS).map((k) => [
      k,
      spreadOut(k as keyof typeof KITCHEN_SPREADS, random()),
    ]);
    plain.next(Object.fromEntries(factors));
  }
  return [row('200, seed 1', even(1)), row('200, seed 2', even(2)), row('4,000 random', plain)];
}

const plainSauce = (sauceG: number, aimPercent: number, thickener: ThickenerId) => ({
  sauceG,
  presentPercent: 0,
  aimPercent,
  thickener,
  waterPerStarch: SLURRY_WATER.equal,
});
/** Published kitchen ratios. Source: general cookery books; by the cup of 237 ml. */
const RATIOS: readonly [string, string, Parameters<typeof doseFor>[0]][] = [
  ['cornstarch, a cup to a medium gravy', '1 tbsp, 8 g', plainSauce(237, 3.25, 'cornstarch')],
  ['cornstarch, a cup to a light sauce', '1 tsp, 2.7-3 g', plainSauce(237, 1.25, 'cornstarch')],
  ['flour, a cup to a medium gravy', '2 tbsp, 16 g', plainSauce(237, 3.25, 'flour')],
  ['arrowroot, a cup to coating', '2 tsp, 5-6 g', plainSauce(237, 2.25, 'arrowroot')],
  ['potato starch, a cup to a medium gravy', '2 tsp to 1 tbsp, 6-10 g', plainSauce(237, 3.25, 'potato')],
  ['flour-and-butter paste, a litre to coating', '100-120 g', plainSauce(1000, 2.25, 'paste')],
  ['xanthan, a litre to coating', '0.1-0.3 %, 1-3 g', plainSauce(1000, 2.25, 'xanthan')],
  ['egg yolks, a litre lightly bound', '4-6 yolks, 70-110 g', plainSauce(1000, 1.5, 'yolk')],
];

/** Heat of evaporation of water at the boil, J/g. Source: steam tables. */
const EVAPORATION_J_PER_G = 2257;
/** An open pot of sauce, as the core has it: the same law in steps of a second. */
function steppedS(sauceG: number, fromC: number, toC: number): number {
  const { lossWPerK, metalJPerK, sauceJPerGK, roomC } = OPEN_POT;
  let temp = fromC;
  let seconds = 0;
  while (temp > toC && seconds < 36_000) {
    temp -= (lossWPerK * (temp - roomC)) / (sauceG * sauceJPerGK + metalJPerK);
    seconds++;
  }
  return seconds;
}
function coolingRows(): (string | number)[][] {
  const creamG = 150;
  const fridgeC = 5;
  return [400, 800, 1600].map((sauceG) => {
    const d = planDairy('sour-cream', creamG, sauceG, { bound: false });
    const byMass = (sauceG * d.waitToC + creamG * fridgeC) / (sauceG + creamG);
    return [
      sauceG,
      d.waitToC.toFixed(0),
      Math.round(d.waitS),
      steppedS(sauceG, 98, d.waitToC),
      d.afterC.toFixed(1),
      byMass.toFixed(1),
    ];
  });
}

const kitchen = defaultKitchen();
const placed = (line: string) =>
  planDish(
    {
      ...emptyDish('d', 'One line', 0),
      lines: [{ id: 'l', text: line }],
      method: 'Put everything in the pot. High pressure 20 minutes, natural release.',
    },
    kitchen,
  ).items;
/** Fat rendered from a kilo of what is bought. Source: total fat in food tables, a third to two thirds of it rendered in a braise. */
const FAT: readonly [line: string, tables: string][] = [
  ['1 kg skinless boneless chicken thighs', '40-90 g fat, 15-60 g of it renders'],
  ['1 kg skin-on chicken thighs', '140-170 g fat, 50-110 g renders'],
  ['1 kg chicken breast', '15-30 g fat, 5-20 g renders'],
  ['1 kg beef chuck, cubed', '120-200 g fat, 40-130 g renders'],
  ['1 kg pork shoulder, cubed', '150-220 g fat, 50-140 g renders'],
  ['1 kg beef short ribs', '250-350 g fat, 80-230 g renders'],
  ['1 kg minced beef, 20 % fat', '200 g fat, 100-130 g renders'],
];
const fatRows = (): string[][] =>
  FAT.map(([line, tables]) => [line, tables, `${Math.round(freeFatG(placed(line)))} g floats`]);
/** Salt in a hundred grams. Source: food tables and packets. */
const SALT: readonly [food: string, tables: string][] = [
  ['chicken-stock', '0.6-1.0 g, ready to use'],
  ['low-salt-stock', '0.1-0.4 g'],
  ['soy-sauce', '14-18 g'],
  ['fish-sauce', '20-25 g'],
  ['hard-cheese', '1.5-2 g'],
  ['feta', '2-3 g'],
  ['worcestershire-sauce', '2-4 g'],
  ['oyster-sauce', '7-11 g'],
];
const pantry = new Pantry();
const saltRows = (): string[][] =>
  SALT.map(([id, tables]) => {
    const food = pantry.get(id);
    return [food?.names[0] ?? id, tables, `${((food?.salt ?? 0) * 100).toFixed(1)} g`];
  });

const figures = Object.entries(HEAT_FIGURES).map(([name, f]) => [
  `\`${name}\``,
  f.value,
  `${Math.round(f.spread * 100)} %`,
  f.source,
]);

console.log(`# The models, and how far they can be trusted

Written by \`npm run models\`; every table is measured when it runs. A simulation is an estimate: it never says that food is
safe. The thermometer, the pot's manual and the local food-safety authority come first.

## Meat

One kind of piece is conduction in one dimension with a geometry exponent m (0 slab, 1 cylinder, 2 sphere, between for finite
bodies), in enthalpy form:

    ρ ∂H/∂t = r^-m ∂/∂r ( r^m k(T) ∂T/∂r ),   -k ∂T/∂r = h (T - T_pot) at r = R

H(T) is linear below -8 °C and above -1 °C and carries the latent heat of the freezable water between. Shells of equal thickness,
weight 0.55 of the new time level (1 while there is ice, each shell with the heat capacity of where it ends), step ${STEP_S} s. Source: conduction as in Carslaw and Jaeger; figures of meat from
food-engineering tables, spread 6 %.

Worst error of the core against the analytic series with surface resistance (h = ${SURFACE_W} W/m²K, ${START_C} to ${AROUND_C} °C), °C:

${table(
  ['thickness, mm', 'slab', 'cylinder', 'sphere'],
  [16, 20, 30, 40, 60].map((mm) => [
    mm,
    ...SHAPES.map(([shape, e]) => worstAgainstSeries(shape, e, mm).toFixed(2)),
  ]),
)}

Energy through the surface against energy gained, through thawing, relative:

${table(
  ['thickness, mm', 'exponent', 'from 5 °C', 'from -18 °C'],
  [10, 25, 50].flatMap((mm) =>
    [0, 1.8].map((e) => [
      mm,
      e,
      imbalance(mm, e, 5).toExponential(1),
      imbalance(mm, e, -18).toExponential(1),
    ]),
  ),
)}

Freezing to -18 °C in the middle, from 10 °C in air at -30 °C with 30 W/m²K, against Pham's published formula (itself within about
10 % of measured times), min:

${table(['shape', 'mm', 'published', 'simulated', 'off by'], freezing)}

## Pot

One lump of liquid, vegetables and metal at T, with heater P, loss UA to the room, and all pieces:

    C dT/dt = P - UA (T - T_room) - Σ Q_piece

The pieces' heat is a straight line of the new T, so pot and pieces are solved together. Air is driven out for a fixed mass of
steam; then the pressure follows saturation up to the working pressure and is held there; natural release is loss alone, venting
takes T along to the boiling point and lets water in the meat flash. Saturation: IAPWS-IF97, equations 30 and 31; air: ISO 2533.

${table(
  ['°C', 'published kPa', 'computed kPa', 'off by, °C'],
  STEAM.map(([c, kPa]) => [c, kPa, saturationKPa(c).toFixed(2), Math.abs(boilingC(kPa) - c).toFixed(3)]),
)}

Water boils at ${boilingC(airKPa(0)).toFixed(1)} °C at sea level, ${boilingC(airKPa(1150)).toFixed(1)} °C at 1,150 m and ${boilingC(airKPa(2500)).toFixed(1)} °C at 2,500 m.

${table(['figure', 'value', 'spread', 'source'], figures)}

## Time at temperature

The household's authority asks for a time at a core temperature; the simulation adds up the shares that pass. Between the rows of
a table the logarithm of the time is a straight line; hotter than its last row nothing more is credited. Spread 10-20 %.

${table(
  ['authority', 'meat', ...[60, 62.8, 65.6, 70, 71.1, 75].map((c) => `${c} °C`)],
  (['us', 'uk'] as const).flatMap((a) =>
    (['poultry', 'ground', 'whole'] as const).map((m) => [
      a.toUpperCase(),
      m,
      ...[60, 62.8, 65.6, 70, 71.1, 75].map((c) => {
        const s = secondsAt(LETHALITY[a][m], c);
        return s >= 90 ? `${(s / 60).toFixed(1)} min` : `${s.toFixed(0)} s`;
      }),
    ]),
  ),
)}

## Softness

Vegetables, pulses, grains and pasta soften by the same law, doubling for each ${HEAT_FIGURES.doublingC.value} °C of their middle. Source: ordinary
boiling times less the heating of the middle; spread 25 %.

${table(
  ['what', 'usual mm', 'min at 95 °C', 'falls apart at ×'],
  SOFTENING.map((s) => [s.name, s.sizeMm, s.softAt95Min, s.apart]),
)}

## Ranges

Every kitchen differs. The spreads below (nineteen of twenty kitchens inside) go through 200 whole simulations at quasi-random
points (powers of the generalised golden ratio, shifted by a seed); told is the tenth to the ninetieth of a hundred.

${table(
  ['what', 'spread', 'source'],
  Object.entries(KITCHEN_SPREADS).map(([k, v]) => [
    `\`${k}\``,
    k === 'startC' ? `${v.spread} °C` : `${Math.round(v.spread * 100)} %`,
    v.source,
  ]),
)}

Coming up, coming down and the whole time under the lid, low, middle and high, s:

${table(['kitchens', 'up', '', '', 'down', '', '', 'lid', '', ''], rangeRows())}

The heat of the first demo dish's come-up, kJ:

${table(['what', 'kJ'], energyRows())}

## What happened

While it cooks the kitchens are weighed by what was told: a tap with 20 s, a probe with 2 °C and somewhat out of the middle. Hidden
kitchens of the same model and of another one written for the tests only (a heater plate and a lid of their own, explicit pieces,
other steam) show how often the truth lies in the range, which is to hold 80 %, how wide the come-up is before and after it was told,
and in how many kitchens a piece would be under or tough at the planned minutes and at those advised. "Heater ×" makes all of them
come up early.

${table(
  [
    'hidden kitchens',
    'heater ×',
    'cooks',
    'come-up',
    'release, before',
    'after pressure',
    'after a probe',
    'up, s wide',
    'told, s wide',
    'under, planned',
    'under, advised',
  ],
  twinRows(),
)}

## Thickeners

Strength is by weight against cornstarch; the dose x for a sauce M of strength c to the aim s, with water w to 1 of starch,
is x = (sM - c) / (r - s(1 + w)), acid and sugar taken off r. Spread as given; source: food-starch handbooks and kitchen use.

${table(
  [
    'thickener',
    'strength',
    'spread',
    'for 1 l to coating',
    'from °C',
    'simmer',
    'acid takes',
    'at most',
    'freezing',
  ],
  THICKENERS.map((t) => {
    const dose = doseFor({
      sauceG: 1000,
      presentPercent: 0,
      aimPercent: 2.25,
      thickener: t.id,
      waterPerStarch: SLURRY_WATER.equal,
    });
    return [
      t.name,
      t.strength,
      `${Math.round(t.spread * 100)} %`,
      dose.capped
        ? `reaches ${dose.resultThickness.name} with ${dose.starchG.toFixed(0)} g`
        : `${dose.starchG.toFixed(t.strength > 5 ? 1 : 0)} g`,
      t.fromC,
      t.simmerS >= 60 ? `${Math.round(t.simmerS / 60)} min` : `${t.simmerS} s`,
      `${Math.round(t.acidLoss * 100)} %`,
      `${t.mostPercent} %`,
      t.freezes,
    ];
  }),
)}

Ratios that cooks know, against the same sum:

${table(
  ['what is known', 'known', 'computed'],
  RATIOS.map(([what, known, input]) => [what, known, `${doseFor(input).starchG.toFixed(1)} g`]),
)}

## The finish

An open pot with the heat off cools by Newton's law, (m c + C) dT/dt = -UA (T - T_room), and what is stirred in mixes by mass. The wait
that a step names against the same law stepped by the second, and the temperature once 150 g of cream from the refrigerator is in:

${table(
  ['sauce, g', 'waits for, °C', 'told, s', 'stepped, s', 'after the cream, °C', 'by mass'],
  coolingRows(),
)}

Boiling down at high takes ${BOIL_OFF_G_PER_MIN.high} g a minute, at low ${BOIL_OFF_G_PER_MIN.low} (spread ${Math.round(BOIL_OFF_G_PER_MIN.spread * 100)} %): by the heat of evaporation that is
${Math.round((BOIL_OFF_G_PER_MIN.high * EVAPORATION_J_PER_G) / 60)} and ${Math.round((BOIL_OFF_G_PER_MIN.low * EVAPORATION_J_PER_G) / 60)} W, of a heater of 1,000 W net 900, which also keeps an open pot hot and does not boil all the time.

Fat that floats when the lid comes off, for a kilo as bought, and salt by the hundred grams, against food tables:

${table(['what', 'tables', 'computed'], [...fatRows(), ...saltRows()])}

## Minutes

Suggested in a standard electric pot at sea level for half a kilo, one and two, in sauce at 70 and at 93 °C, against the bands a
household would know: ${bandsInside} of ${bands.length * BAND_LOADS.length} lie inside. The rates of tenderness were set with these
bands in view; the rest is left as it is computed.

${table(
  ['food', 'mm', 'release', 'band, min', 'computed for ½, 1, 2 kg', 'inside'],
  bands.map(({ band, minutes, inside }) => [
    band.name,
    band.mm,
    band.release,
    `${band.from}–${band.to}`,
    [...new Set(minutes)].sort((a, b) => a - b).join(', '),
    inside === BAND_LOADS.length ? 'yes' : `**${inside} of ${BAND_LOADS.length}**`,
  ]),
)}`);
