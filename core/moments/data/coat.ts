/** Share of a floured coat that loosens from the meat into what it cooks in. Source: about 5 g a piece, half of it in the sauce. */
export const COAT_LOOSENS = { value: 0.5, spread: 0.3 } as const;

/** Flour that sticks to meat that is turned in it and shaken, as a share of the meat; the rest stays on the plate. Source: 3-5 g on 100 g of pieces; spread 30 %. */
export const COAT_STICKS = { value: 0.04, spread: 0.3 } as const;
