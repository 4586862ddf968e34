import { acidBaseOf } from '../worktop/acidBase';
import { excessCharge, shakeTogether } from '../worktop/layers';
import { gramsOf, plus } from '../worktop/matter/matter';
import { kinds } from '../hazard/materials';
import type { Matter } from '../worktop/matter/matter';
import type { Worktop } from '../worktop/worktop';

/** Neither acid nor base to speak of, mol. */
export const even_mol = 1e-4;

// A milligram and below clings to glass.
const least_g = 1e-3;
const neutral_pH = 7;
// More acid than carboxylic acids, more basic than amines: what a bottle of solvents must not get.
const strongAcid_pKa = 3;
const strongBase_pKa = 11.5;
// An anhydride gives two of its acid, an acid chloride its acid and hydrogen chloride.
const acidsOfHydrolysis = 2;

const isWet = (work: Pick<Worktop, 'world'>, matter: Matter) =>
  Object.keys(matter).some((id) => work.world.kind(id).water && (matter[id] ?? 0) > least_g);

/** Whether water has taken a substance apart by the time its layer is poured: an anhydride or acid chloride that stands in water. */
export const hydrolysed = (work: Pick<Worktop, 'world'>, matter: Matter, id: string): boolean => {
  const substance = work.world.kind(id).substance;
  return substance !== undefined && kinds.hydrolysing(substance) && isWet(work, matter);
};

/**
 * Base in excess, mol; negative of acid. Of what is mostly water to neutral, what water takes apart counted as the two acids that come
 * of it; of a layer of solvents what is stronger than carboxylic acids and amines.
 *
 * @returns nothing for what is neither wet nor holds anything of the kind
 */
export function excessIn(work: Worktop, matter: Matter, watery: boolean): number | undefined {
  if (!watery || !isWet(work, matter)) return strongIn(work, matter);
  const acids = Object.entries(matter).reduce((sum, [id, grams]) => {
    const { M } = work.world.kind(id);
    return M !== undefined && hydrolysed(work, matter, id) ? sum + (acidsOfHydrolysis * grams) / M : sum;
  }, 0);
  return excessCharge(work, matter, neutral_pH) - acids;
}

/** Strong acid or base alone, mol; nothing where there is none. */
function strongIn(work: Pick<Worktop, 'world'>, matter: Matter): number | undefined {
  const parts = Object.entries(matter).flatMap(([id, grams]) => {
    const kind = work.world.kind(id);
    const ions = acidBaseOf(kind);
    return ions && kind.M !== undefined && grams > least_g ? [{ ions, moles: grams / kind.M }] : [];
  });
  // As if every step up to a strength had given its proton, and no other.
  const charge = (pKa: number) =>
    parts.reduce((sum, { ions: { spectators, systems }, moles }) => {
      const given = (pKas: readonly number[]) => pKas.filter((one) => one <= pKa).length;
      return sum + moles * systems.reduce((all, one) => all + one.count * (one.charge - given(one.pKas)), spectators);
    }, 0);
  const acid = charge(strongAcid_pKa);
  if (acid < -even_mol) return acid;
  const base = charge(strongBase_pKa);
  return base > even_mol ? base : undefined;
}

/** Amines in acid, that bicarbonate would free. */
export function freedBy(work: Pick<Worktop, 'world'>, matter: Matter): readonly string[] {
  return Object.keys(matter).filter((id) => {
    const one = work.world.kind(id);
    if (one.inorganic || one.water || !((matter[id] ?? 0) > 10 * least_g)) return false;
    return acidBaseOf(one)?.systems.some(({ charge, pKas }) => charge > 0 && (pKas.at(-1) ?? 0) > 3.5) ?? false;
  });
}

/** What meets in one bottle: base in excess, mol (negative of acid), and the carbon dioxide that comes by itself, g. */
export function met(
  work: Worktop,
  matters: readonly Matter[],
  watery: boolean,
): { readonly excess_mol: number; readonly gas_g: number } {
  const all = matters.reduce(plus, {});
  return {
    excess_mol: excessIn(work, all, watery) ?? 0,
    gas_g: watery ? gramsOf(shakeTogether(work, all).gas) : 0,
  };
}
