/** Water boiled off on a pot's high sauté, g a minute. Source: 100 ml in 6-10 minutes on a standard pot; spread 25 %. */
export const BOIL_OFF_G_PER_MIN = { high: 13, low: 5.5, spread: 0.25 };
