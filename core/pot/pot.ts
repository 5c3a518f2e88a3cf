import { z } from 'zod';

/** A pressure cooker. Every figure is the household's to correct; presets carry their source and spread. */
export const PotSchema = z.object({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,60}$/),
  name: z.string().min(1).max(60),
  kind: z.enum(['electric', 'stovetop']),
  litres: z.number().min(1).max(30),
  diameterCm: z.number().min(10).max(50),
  /** Minimum thin liquid by the manual, ml. */
  minThinMl: z.number().min(50).max(2000),
  /** Heat that reaches the contents at full power, W. */
  heaterW: z.number().min(200).max(5000),
  /** Working gauge pressure, kPa: the regulator's band. */
  highKPa: z.tuple([z.number().min(10).max(150), z.number().min(10).max(150)]),
  lowKPa: z.tuple([z.number().min(5).max(150), z.number().min(5).max(150)]),
  /** Heat lost while sealed for each degree above the room, W/K. */
  lossWPerK: z.number().min(0.1).max(15),
  /** Heat capacity of inner pot and lid, J/K. */
  metalJPerK: z.number().min(100).max(5000),
  /** Highest share of its volume that may be filled. */
  maxFill: z.number().min(0.2).max(0.9),
  /** The same for food that swells or foams. */
  foamFill: z.number().min(0.2).max(0.9),
  liner: z.enum(['steel', 'non-stick']),
  /** Weight of the empty inner pot, for the scale. */
  emptyG: z.number().min(0).max(10000),
  /** Minutes between whistles once it holds pressure, for a cook who counts them; null for a pot that does not whistle. */
  whistleMin: z.number().min(0.5).max(15).nullable().default(null),
  /** Where this pot stands, when that is not where the kitchen is, m. */
  altitudeM: z.number().min(-400).max(5500).nullable().default(null),
});
export type Pot = z.infer<typeof PotSchema>;

/* Source of the presets: typical figures from cooker manuals and markings of each class; starting values. Spread within a class 12 %. */

const electric = {
  altitudeM: null,
  whistleMin: null,
  kind: 'electric',
  highKPa: [70, 80],
  lowKPa: [35, 45],
  maxFill: 2 / 3,
  foamFill: 0.5,
  liner: 'steel',
} satisfies Partial<Pot>;
const stovetop = {
  altitudeM: null,
  whistleMin: null,
  kind: 'stovetop',
  highKPa: [95, 105],
  lowKPa: [50, 60],
  maxFill: 2 / 3,
  foamFill: 0.5,
  liner: 'steel',
} satisfies Partial<Pot>;

/** Starting points for a household's pots. */
export const POT_PRESETS: readonly Pot[] = [
  {
    ...electric,
    id: 'electric-small',
    name: 'Small electric, 2.8 l',
    litres: 2.8,
    diameterCm: 18,
    minThinMl: 240,
    heaterW: 700,
    lossWPerK: 0.8,
    metalJPerK: 450,
    emptyG: 620,
  },
  {
    ...electric,
    id: 'electric-standard',
    name: 'Standard electric, 5.7 l',
    litres: 5.7,
    diameterCm: 22,
    minThinMl: 360,
    heaterW: 1000,
    lossWPerK: 1.0,
    metalJPerK: 650,
    emptyG: 860,
  },
  {
    ...electric,
    id: 'electric-large',
    name: 'Large electric, 7.6 l',
    litres: 7.6,
    diameterCm: 24,
    minThinMl: 475,
    heaterW: 1200,
    lossWPerK: 1.2,
    metalJPerK: 800,
    emptyG: 1080,
  },
  {
    ...stovetop,
    id: 'stovetop-spring',
    name: 'Stovetop, spring valve, 6 l',
    litres: 6,
    diameterCm: 22,
    minThinMl: 250,
    heaterW: 1500,
    lossWPerK: 3,
    metalJPerK: 1100,
    emptyG: 2300,
  },
  {
    ...stovetop,
    id: 'stovetop-weight',
    name: 'Stovetop, weight and whistle, 5 l',
    litres: 5,
    diameterCm: 20,
    minThinMl: 350,
    heaterW: 1500,
    lossWPerK: 3,
    metalJPerK: 900,
    emptyG: 1700,
    highKPa: [95, 105],
    lowKPa: [95, 105],
    whistleMin: 4,
  },
];

/** Inside floor area, cm². */
export function floorAreaCm2(pot: Pot): number {
  return Math.PI * (pot.diameterCm / 2) ** 2;
}

/** Inside height of a straight-sided pot of this volume and diameter, mm. */
export function heightMm(pot: Pot): number {
  return ((pot.litres * 1000) / floorAreaCm2(pot)) * 10;
}
