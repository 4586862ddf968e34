const M_bicarbonate = 84.007;
/** Dilute acid of the usual bench bottle, mol/L. */
export const acidOfBench = 3;

/** Sodium hydrogencarbonate that neutralizes so much acid: `m = n·M`, g. */
export const bicarbonateFor = (acid_mol: number) => ({ dim: 'mass' as const, value: acid_mol * M_bicarbonate });

/** Hydrochloric acid of the bench that neutralizes so much base: `V = n/c`, mL. */
export const acidFor = (base_mol: number) => ({ dim: 'volume' as const, value: (base_mol / acidOfBench) * 1000 });
