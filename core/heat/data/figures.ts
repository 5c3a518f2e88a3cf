/** Constants of the pot-and-pieces model, each with where it comes from and how far real kitchens vary. */
export const HEAT_FIGURES = {
  /** Share of an electric pot's rated power that reaches the contents; the rest warms its body. A stovetop pot's watts are net. */
  efficiency: {
    value: 0.9,
    spread: 0.1,
    source: 'Base heaters under an insulated body; what is written on the pot is what it draws',
  },
  /** Heat capacity of the lid, which is put on at room temperature, J/K. */
  lidJPerK: { value: 500, spread: 0.3, source: 'A kilo of steel with its plastic; two thirds of it warmed' },
  /** Steam driven out with the air before the valve closes, g. */
  purgeG: { value: 18, spread: 0.4, source: 'Part of the 30-70 ml lost coming up and venting' },
  /** Heat loss of an insulated pot while coming down against while holding: lid condensation and seepage. */
  releaseLoss: {
    value: 1.75,
    spread: 0.2,
    source: 'Fits natural release of 8-14 min for a kilo of meat in sauce',
  },
  /** The same for a bare stovetop pot: its metal loses all it loses while it holds. */
  bareReleaseLoss: {
    value: 1,
    spread: 0.2,
    source: '150-200 W from a closed steel pot in a draught-free kitchen',
  },
  /** Gauge pressure at which the pin falls, kPa. */
  pinKPa: { value: 3, spread: 0.5, source: 'Pin weights of a few grams over a few mm²' },
  /** Time to vent by hand from working pressure, s. */
  ventS: { value: 130, spread: 0.3, source: 'Two to three minutes' },
  /** Surface coefficients, W/m²K: warming liquid, and boiling liquid or condensing steam. */
  warmingW: {
    value: 60,
    spread: 0.4,
    source: 'Pieces half out of thin sauce, in air and wisps of steam until it boils',
  },
  /** Pieces on a rack above the liquid, before steam fills the pot, W/m²K. */
  rackW: { value: 25, spread: 0.5, source: 'Warm damp air in free convection' },
  boilingW: { value: 600, spread: 0.3, source: '500-1500 in boiling liquid or condensing steam' },
  /** Latent heat of steam near 105 °C, J/g. */
  latentJPerG: { value: 2240, spread: 0.01, source: 'Steam tables' },
  /** How far water inside the meat may be above the boiling point outside before it flashes, °C. */
  superheatC: {
    value: 1.5,
    spread: 0.5,
    source: 'Wet, open-grained meat; small superheat before vapour forms',
  },
  /** Tenderness: the rate doubles for this many degrees. */
  doublingC: { value: 9.5, spread: 0.06, source: 'Connective tissue melting, a factor of two for 9-10 °C' },
  /** Margin above the safe temperature that a suggestion keeps, °C. */
  marginC: { value: 3, spread: 0.3, source: 'Difference between pieces in one pot' },
  /** Temperature an electric pot keeps what is left in it, °C. */
  keepWarmC: { value: 68, spread: 0.06, source: 'Keep-warm settings of 63-75 °C' },
  /** Part of the power a simmer on the pot’s own heater puts in after opening. */
  simmerShare: { value: 0.4, spread: 0.3, source: 'Low to medium of the searing heats' },
} as const;

/**
 * How far ordinary kitchens lie from the expected one: relative, or °C for the start. About nineteen of twenty lie inside, so
 * one standard deviation is half of it.
 */
export const KITCHEN_SPREADS = {
  power: {
    spread: HEAT_FIGURES.efficiency.spread,
    source: 'Mains voltage, age of the heater, fit of the inner pot',
  },
  loss: { spread: 0.2, source: 'Insulation, draught, lid seal' },
  releaseLoss: { spread: HEAT_FIGURES.releaseLoss.spread, source: 'Lid condensation and seepage' },
  vent: { spread: HEAT_FIGURES.ventS.spread, source: 'How boldly the valve is turned' },
  purge: { spread: HEAT_FIGURES.purgeG.spread, source: 'When the valve closes' },
  surface: { spread: HEAT_FIGURES.boilingW.spread, source: 'Boiling liquid or condensing steam' },
  fill: { spread: 0.12, source: 'Pouring by eye, juices, sizes of onions' },
  startC: { spread: 3, source: 'Refrigerators of 3-8 °C, time on the board' },
  thickness: { spread: 0.1, source: 'Judging thickness by eye; pieces of one pack' },
} as const;

/** How exactly a cook and her devices tell what happened, one standard deviation, and how far the model itself is off. */
export const TELLING = {
  /** A tap at working pressure or when the pin falls, s. */
  tapS: { value: 20, spread: 0.5, source: 'Noticed across the kitchen, and the phone unlocked' },
  /** A cooker that is plugged in says it by itself, s. */
  deviceS: { value: 4, spread: 0.5, source: 'A reading every few seconds' },
  /** A household thermometer, °C. */
  probeC: { value: 2, spread: 0.5, source: 'Makers of kitchen thermometers: one or two degrees' },
  /** How far out of the middle a probe lies, as a share of the way to the surface's temperature. */
  offCentre: { value: 0.12, spread: 1, source: 'A few millimetres in a piece of forty' },
  /** What no factor of a kitchen explains of a stretch's time, as a share of it. */
  modelShare: { value: 0.03, spread: 0.5, source: 'Against a twin with a plate and a lid of their own' },
} as const;
