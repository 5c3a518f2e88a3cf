// Named once: a test runner looks every global name up through a proxy, point for point.
const { abs, ceil, floor, max, min, round } = Math;

/** A picture in shades of grey: `width` × `height` values from 0 (black) to 255 (white), row by row. */
export interface Grey {
  width: number;
  height: number;
  data: Uint8Array;
}

/** Shades of a picture of red, green, blue and opacity, four bytes a point. Weights: ITU-R BT.601. */
export function greyOf(width: number, height: number, rgba: ArrayLike<number>): Grey {
  const data = new Uint8Array(width * height);
  for (let i = 0, j = 0; i < data.length; i++, j += 4)
    data[i] = (299 * (rgba[j] ?? 0) + 587 * (rgba[j + 1] ?? 0) + 114 * (rgba[j + 2] ?? 0)) / 1000;
  return { width, height, data };
}

/** Half as wide and high, each point the mean of four. */
function halved({ width, height, data }: Grey): Grey {
  const w = width >> 1;
  const h = height >> 1;
  const out = new Uint8Array(w * h);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const at = 2 * y * width + 2 * x;
      out[y * w + x] =
        ((data[at] ?? 0) + (data[at + 1] ?? 0) + (data[at + width] ?? 0) + (data[at + width + 1] ?? 0)) >> 2;
    }
  return { width: w, height: h, data: out };
}

/** Side of the squares in which the paper's own shade is looked for, as a share of the longer side. */
const PATCH_SHARE = 1 / 24;
/** The paper is nearly the lightest of a square: so much of it is darker. */
const PAPER_RANK = 0.9;
/** Ink darker than this share of the paper's shade is made black. */
const INK_SHARE = 0.45;

/**
 * The same page as if it lay in even light: every point over the shade of the paper around it, then stretched so that paper is white and
 * ink is black. Shadows and vignettes go; print stays.
 */
export function evenedOut({ width, height, data }: Grey): Grey {
  const side = max(8, round(max(width, height) * PATCH_SHARE));
  const across = ceil(width / side);
  const down = ceil(height / side);
  const paper = new Float32Array(across * down);
  const counts = new Uint32Array(256);
  for (let v = 0; v < down; v++)
    for (let u = 0; u < across; u++) {
      counts.fill(0);
      const right = min(width, (u + 1) * side);
      const bottom = min(height, (v + 1) * side);
      for (let y = v * side; y < bottom; y++)
        for (let x = u * side; x < right; x++) {
          const shade = data[y * width + x] ?? 0;
          counts[shade] = (counts[shade] ?? 0) + 1;
        }
      const wanted = (right - u * side) * (bottom - v * side) * PAPER_RANK;
      let seen = 0;
      let shade = 0;
      while (shade < 255 && (seen += counts[shade] ?? 0) < wanted) shade++;
      paper[v * across + u] = max(24, shade);
    }
  const at = (u: number, v: number): number =>
    paper[min(down - 1, max(0, v)) * across + min(across - 1, max(0, u))] ?? 255;
  const out = new Uint8Array(data.length);
  for (let y = 0; y < height; y++) {
    const fv = (y + 0.5) / side - 0.5;
    const v = floor(fv);
    for (let x = 0; x < width; x++) {
      const fu = (x + 0.5) / side - 0.5;
      const u = floor(fu);
      // Between the middles of four squares.
      const top = at(u, v) + (at(u + 1, v) - at(u, v)) * (fu - u);
      const low = at(u, v + 1) + (at(u + 1, v + 1) - at(u, v + 1)) * (fu - u);
      const share = (data[y * width + x] ?? 0) / (top + (low - top) * (fv - v));
      out[y * width + x] = max(0, min(255, round(((share - INK_SHARE) / (0.97 - INK_SHARE)) * 255)));
    }
  }
  return { width, height, data: out };
}

/** Furthest that a page is looked for out of the straight, degrees. */
const MOST_TURNED = 5;
const STEP_DEG = 0.25;
/** Long enough a side to see lines of print by, points. */
const SIDE_TO_TURN = 700;

/**
 * How far the lines of print stand out of the level, degrees, positive where they fall to the right: the turn at which the dark of the
 * rows differs most from row to row. 0 where there is no print.
 */
export function turnOf(picture: Grey): number {
  let small = picture;
  while (max(small.width, small.height) > 2 * SIDE_TO_TURN) small = halved(small);
  const { width, height, data } = small;
  const dark: { x: number; y: number }[] = [];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) if ((data[y * width + x] ?? 255) < 110) dark.push({ x, y });
  if (dark.length < 40) return 0;
  const rows = new Float64Array(height * 2);
  const sharpness = (degrees: number): number => {
    rows.fill(0);
    const slope = Math.tan((degrees * Math.PI) / 180);
    for (const { x, y } of dark) {
      const row = round(y - (x - width / 2) * slope + height / 2);
      if (row >= 0 && row < rows.length) rows[row] = (rows[row] ?? 0) + 1;
    }
    let sum = 0;
    for (let i = 1; i < rows.length; i++) sum += ((rows[i] ?? 0) - (rows[i - 1] ?? 0)) ** 2;
    return sum;
  };
  let best = 0;
  let most = sharpness(0);
  for (let d = -MOST_TURNED; d <= MOST_TURNED; d += STEP_DEG) {
    const s = sharpness(d);
    if (s > most * 1.001) {
      most = s;
      best = d;
    }
  }
  return best;
}

/** The picture turned back by so many degrees about its middle, as large as before; what comes in at the corners is white. */
export function turnedBack({ width, height, data }: Grey, degrees: number): Grey {
  if (abs(degrees) < STEP_DEG / 2) return { width, height, data };
  const angle = (degrees * Math.PI) / 180;
  const cos = Math.cos(angle);
  const sin = Math.sin(angle);
  const out = new Uint8Array(data.length).fill(255);
  const midX = width / 2;
  const midY = height / 2;
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const fx = (x - midX) * cos - (y - midY) * sin + midX;
      const fy = (x - midX) * sin + (y - midY) * cos + midY;
      const x0 = floor(fx);
      const y0 = floor(fy);
      if (x0 < 0 || y0 < 0 || x0 + 1 >= width || y0 + 1 >= height) continue;
      const at = y0 * width + x0;
      const u = fx - x0;
      const top = (data[at] ?? 255) * (1 - u) + (data[at + 1] ?? 255) * u;
      const low = (data[at + width] ?? 255) * (1 - u) + (data[at + width + 1] ?? 255) * u;
      out[y * width + x] = top + (low - top) * (fy - y0);
    }
  return { width, height, data: out };
}

/** A photographed page made ready to be read: level, and in even light. */
export function madeReady(picture: Grey): { picture: Grey; turned: number } {
  const even = evenedOut(picture);
  const turned = turnOf(even);
  return { picture: turnedBack(even, turned), turned };
}
