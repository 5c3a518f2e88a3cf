/** The three shapes with a one-dimensional analytic solution. */
export type Shape = 'slab' | 'cylinder' | 'sphere';

/** Bessel functions of the first kind, orders 0 and 1. Source: power series and Hankel's asymptotic form; error below 1e-7. */
function bessel(order: 0 | 1, x: number): number {
  if (x < 12) {
    let term = order === 0 ? 1 : x / 2;
    let sum = term;
    for (let k = 1; k < 60; k++) {
      term *= -((x * x) / 4) / (k * (k + order));
      sum += term;
    }
    return sum;
  }
  const mu = 4 * order * order;
  const p =
    1 -
    ((mu - 1) * (mu - 9)) / (2 * (8 * x) ** 2) +
    ((mu - 1) * (mu - 9) * (mu - 25) * (mu - 49)) / (24 * (8 * x) ** 4);
  const q = (mu - 1) / (8 * x) - ((mu - 1) * (mu - 9) * (mu - 25)) / (6 * (8 * x) ** 3);
  const phase = x - (order * Math.PI) / 2 - Math.PI / 4;
  return Math.sqrt(2 / (Math.PI * x)) * (p * Math.cos(phase) - q * Math.sin(phase));
}

/** The function whose zeros are the eigenvalues of a shape, and the weight of each in the centre temperature. */
const SHAPES: Record<Shape, { zero: (mu: number, biot: number) => number; weight: (mu: number) => number }> =
  {
    slab: {
      zero: (mu, biot) => mu * Math.sin(mu) - biot * Math.cos(mu),
      weight: (mu) => (4 * Math.sin(mu)) / (2 * mu + Math.sin(2 * mu)),
    },
    cylinder: {
      zero: (mu, biot) => mu * bessel(1, mu) - biot * bessel(0, mu),
      weight: (mu) => (2 / mu) * (bessel(1, mu) / (bessel(0, mu) ** 2 + bessel(1, mu) ** 2)),
    },
    sphere: {
      zero: (mu, biot) => Math.sin(mu) * (1 - biot) - mu * Math.cos(mu),
      weight: (mu) => (4 * (Math.sin(mu) - mu * Math.cos(mu))) / (2 * mu - Math.sin(2 * mu)),
    },
  };

const TERMS = 30;

function eigenvalues(shape: Shape, biot: number): number[] {
  const { zero } = SHAPES[shape];
  const found: number[] = [];
  const stepBy = 0.02;
  for (let x = 1e-6; found.length < TERMS && x < 200; x += stepBy) {
    let a = x;
    let b = x + stepBy;
    if (zero(a, biot) * zero(b, biot) > 0) continue;
    for (let i = 0; i < 60; i++) {
      const m = (a + b) / 2;
      if (zero(a, biot) * zero(m, biot) <= 0) b = m;
      else a = m;
    }
    found.push((a + b) / 2);
  }
  return found;
}

const KEPT = new Map<string, number[]>();

/**
 * Unaccomplished temperature change at the centre of a body warmed through its surface: 1 at the start, 0 at the end.
 * `fourier` is αt/R², `biot` is hR/k, R the half thickness or radius. Source: Carslaw and Jaeger's series for a slab, a
 * cylinder and a sphere with surface resistance. It is what the simulation is measured against; the simulation does not use it.
 */
export function centreOf(shape: Shape, fourier: number, biot: number): number {
  const key = `${shape} ${biot}`;
  const mus = KEPT.get(key) ?? eigenvalues(shape, biot);
  KEPT.set(key, mus);
  const { weight } = SHAPES[shape];
  return mus.reduce((sum, mu) => sum + weight(mu) * Math.exp(-mu * mu * fourier), 0);
}
