/** Minutes under high pressure that a household would know for one cut, thickness and release. */
export interface Band {
  name: string;
  cut: string;
  mm: number;
  release: 'quick' | 'ten' | 'natural';
  from: number;
  to: number;
  isCubed: boolean;
}

/** A load that printed minutes are used for: kilograms of meat, and how warm the sauce is when the lid goes on, °C. */
export interface BandLoad {
  kg: number;
  sauceC: number;
}

/** Half a kilo, one and two, in sauce as poured and in sauce just off the boil. */
export const BAND_LOADS: readonly BandLoad[] = [0.5, 1, 2].flatMap((kg) =>
  [70, 93].map((sauceC) => ({ kg, sauceC })),
);

const b = (
  name: string,
  cut: string,
  mm: number,
  release: Band['release'],
  from: number,
  to: number,
  isCubed = false,
): Band => ({ name, cut, mm, release, from, to, isCubed });

/** Fresh from the refrigerator, standard electric pot. Source: general pressure-cooking practice; the bands are their own spread. */
export const BANDS: readonly Band[] = [
  b('bite-size breast', 'chicken-breast', 25, 'quick', 2, 5, true),
  b('boneless thigh', 'chicken-thigh', 20, 'quick', 6, 9),
  b('boneless thigh', 'chicken-thigh', 22, 'quick', 6, 9),
  b('boneless thigh', 'chicken-thigh', 25, 'quick', 6, 9),
  b('boneless thigh', 'chicken-thigh', 22, 'ten', 4, 6),
  b('breast, 200 g', 'chicken-breast', 30, 'ten', 5, 8),
  b('breast, 300 g', 'chicken-breast', 40, 'ten', 9, 13),
  b('bone-in thigh', 'chicken-thigh', 40, 'ten', 9, 13),
  b('bone-in thigh', 'chicken-thigh', 45, 'ten', 9, 13),
  b('drumstick', 'chicken-drumstick', 40, 'ten', 9, 13),
  b('drumstick', 'chicken-drumstick', 45, 'ten', 9, 13),
  b('wing', 'chicken-wing', 25, 'quick', 7, 10),
  b('turkey thigh', 'turkey-thigh', 60, 'ten', 30, 40),
  b('turkey thigh', 'turkey-thigh', 65, 'ten', 30, 40),
  b('beef chuck chunks', 'beef-chuck', 40, 'natural', 30, 40, true),
  b('lamb shoulder chunks', 'lamb-shoulder', 40, 'natural', 22, 28, true),
  b('pork shoulder chunks', 'pork-shoulder', 40, 'natural', 28, 35, true),
  b('short rib', 'beef-short-rib', 45, 'natural', 35, 45),
  b('lamb shank', 'lamb-shank', 55, 'natural', 40, 50),
  b('rib rack', 'pork-ribs', 25, 'natural', 20, 28),
  b('beef cheek', 'beef-cheek', 50, 'natural', 40, 50),
  b('meatballs', 'meatball', 40, 'ten', 6, 9),
  b('ground meat, loosened', 'ground-meat', 14, 'quick', 5, 8),
];
