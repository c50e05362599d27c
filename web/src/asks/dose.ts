/** 1 % available chlorine is 10 mg in each mL. */
const MG_PER_ML_AND_PERCENT = 10;

/** How much product gives the strength wanted, mL; the handbook's rule, for a device without signal. */
export function millilitersFor(tankLiters: number, mgPerLiter: number, percent: number): number {
  return (tankLiters * mgPerLiter) / (MG_PER_ML_AND_PERCENT * percent);
}

/** The strength a dose gives, mg/L. */
export function mgPerLiterOf(milliliters: number, tankLiters: number, percent: number): number {
  return (milliliters * MG_PER_ML_AND_PERCENT * percent) / tankLiters;
}
