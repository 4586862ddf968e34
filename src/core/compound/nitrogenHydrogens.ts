const bondOrders: Readonly<Record<string, number>> = { '-': 1, '=': 2, '#': 3, '/': 1, '\\': 1 };
const token = /\[[^\]]*\]|Br|Cl|[BCNOPSFIbcnops]|%\d\d|\d|[-=#:/\\().]/g;

/**
 * Hydrogen atoms on nitrogen in a structure, by the valence rules of SMILES: three bonds at a nitrogen without brackets, an aromatic one
 * has hydrogen only where it is written (`[nH]`).
 *
 * @param smiles structure, as the reference lists it
 * @example nitrogenHydrogens('CC(=O)Nc1ccccc1') // → 1
 * @example nitrogenHydrogens('CN(C)C=O') // → 0
 */
export function nitrogenHydrogens(smiles: string): number {
  let hydrogens = 0;
  // Bonds of each atom so far; the hydrogens of a plain nitrogen are known at the end.
  const bonds: number[] = [];
  const plain: number[] = [];
  const branches: (number | undefined)[] = [];
  const rings = new Map<string, { readonly atom: number; readonly order: number }>();
  let last: number | undefined;
  let order = 1;
  const bind = (a: number, b: number, by: number) => {
    bonds[a] = (bonds[a] ?? 0) + by;
    bonds[b] = (bonds[b] ?? 0) + by;
  };
  for (const [one] of smiles.matchAll(token)) {
    if (one === '(') branches.push(last);
    else if (one === ')') last = branches.pop();
    else if (one === '.') last = undefined;
    else if (one === ':') order = 1;
    else if (one in bondOrders) order = bondOrders[one] ?? 1;
    else if (/^[\d%]/.test(one)) {
      const open = rings.get(one);
      if (open && last !== undefined) bind(open.atom, last, Math.max(open.order, order));
      if (open) rings.delete(one);
      else if (last !== undefined) rings.set(one, { atom: last, order });
      order = 1;
    } else {
      const atom = bonds.push(0) - 1;
      if (last !== undefined) bind(last, atom, order);
      const [, count] = /^\[\d*[Nn]H(\d?)/.exec(one) ?? [];
      if (count !== undefined) hydrogens += count === '' ? 1 : Number(count);
      if (one === 'N') plain.push(atom);
      last = atom;
      order = 1;
    }
  }
  return plain.reduce((sum, atom) => sum + Math.max(0, 3 - (bonds[atom] ?? 0)), hydrogens);
}
