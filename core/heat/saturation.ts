/** Coefficients of the IAPWS-IF97 region 4 saturation line. Source: IAPWS R7-97(2012), table 34. Spread: below 0.01 %. */
const N = [
  0, 0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5, -0.32325550322333e7,
  0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6, -0.23855557567849, 0.65017534844798e3,
] as const;

/** Saturation pressure of steam, kPa absolute, at `tempC` (0..300 °C). Source: IAPWS-IF97, equation 30. */
export function saturationKPa(tempC: number): number {
  const t = tempC + 273.15;
  const theta = t + N[9] / (t - N[10]);
  const a = theta * theta + N[1] * theta + N[2];
  const b = N[3] * theta * theta + N[4] * theta + N[5];
  const c = N[6] * theta * theta + N[7] * theta + N[8];
  return 1000 * ((2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))) ** 4;
}

/** Boiling point in °C at an absolute pressure in kPa (0.6..8000). Source: IAPWS-IF97, equation 31. */
export function boilingC(absoluteKPa: number): number {
  const beta = (absoluteKPa / 1000) ** 0.25;
  const e = beta * beta + N[3] * beta + N[6];
  const f = N[1] * beta * beta + N[4] * beta + N[7];
  const g = N[2] * beta * beta + N[5] * beta + N[8];
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  return (N[10] + d - Math.sqrt((N[10] + d) ** 2 - 4 * (N[9] + N[10] * d))) / 2 - 273.15;
}

/** Air pressure in kPa at an altitude in metres (-400..6000). Source: ISO 2533 standard atmosphere. */
export function airKPa(altitudeM: number): number {
  return 101.325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}
