import { hasGroup } from '../reference/groups';
import { implied } from './kinds';
import { gramsOf, nothing, plus } from './matter/matter';
import type { Matter } from './matter/matter';
import type { LineFacts } from '../plan/facts';
import type { AssumptionSpec } from './assumption';
import type { Facts } from '../plan/facts';
import type { Kind } from './kinds';
import type { Plan } from '../plan/planTypes';
import type { Worked } from '../quantity/worked';

/** What a worktop offers for bringing a line in. */
export interface Bringing {
  readonly world: {
    readonly plan: Pick<Plan, 'charge'>;
    readonly facts: Facts;
    readonly kind: (id: string) => Kind;
  };
  readonly assume: (spec: AssumptionSpec<'density'>, everywhere: boolean) => Worked<'density'>;
}

/** Substance that counts as water in this preparation. */
export function waterId({ world }: Pick<Bringing, 'world'>): string {
  return [...world.facts.substances.keys()].find((id) => world.kind(id).water) ?? implied.water.id;
}

/** An amount given in words is there all the same: too little to count, enough for rules that ask what is in a vessel, g. */
export const trace_g = 1e-9;

/** What a line of the charge table brings: its substance, and what it is dissolved in or bound to. */
export function introduced(work: Bringing, id: string): Matter {
  const { plan, facts } = work.world;
  const line = facts.lines.get(id);
  const total = plan.charge.rows.get(id)?.total;
  if (!line) return nothing;
  const grams = total?.mass?.q.value ?? massByGuess(work, line, total?.volume?.q.value);
  if (grams === undefined) return { [line.line.substance]: trace_g };
  const counted = Math.min(grams, soluteOf(work, line, grams, total?.amount?.q.value));
  const { delivers } = line.line;
  const species = delivers?.substance ?? line.line.substance;
  const M = work.world.kind(line.line.substance).M;
  const M_species = work.world.kind(species).M;
  // A hydrate or a salt brings the species of the equation and the rest of its formula.
  const share = delivers && M && M_species ? Math.min(1, (delivers.count * M_species) / M) : 1;
  const others = contained(work, line, { grams, volume_mL: total?.volume?.q.value, most: grams - counted * share });
  const rest = grams - counted * share - gramsOf(others);
  return [{ [species]: counted * share }, others, rest > 1e-12 ? { [diluentOf(work, line)]: rest } : nothing].reduce(
    plus,
    nothing,
  );
}

/** Further solutes of the bottle; at most what the rest of it can be. */
function contained(
  work: Bringing,
  { line }: LineFacts,
  { grams, volume_mL, most }: { readonly grams: number; readonly volume_mL: number | undefined; readonly most: number },
): Matter {
  const found = (line.contains ?? []).map(({ substance, strength }): readonly [string, number] => {
    const M = work.world.kind(substance).M;
    const digits = Number(strength.digits);
    if (strength.by === 'massFraction') return [substance, (grams * digits) / 100];
    return [substance, volume_mL === undefined || M === undefined ? 0 : ((volume_mL * digits) / 1000) * M];
  });
  const all = found.reduce((sum, [, one]) => sum + one, 0);
  const fits = all > most ? most / all : 1;
  return found.reduce<Matter>((sum, [id, one]) => plus(sum, { [id]: one * fits }), nothing);
}

/**
 * What a bottle holds beside its substance: water where the entry is a solution in water or the substance mixes with it; the solvent
 * that its name tells ("in hexane"), where the preparation has it; else something that nobody has named.
 */
function diluentOf(work: Bringing, { line, substance: { substance } }: LineFacts): string {
  const kind = work.world.kind(line.substance);
  if (line.solvent !== undefined) return line.solvent;
  if (line.strength === undefined || (kind.groups.water ?? 0) > 0) return waterId(work);
  const named = /\bin ([a-z0-9 ,.'’-]+)/i.exec(substance.name)?.[1]?.trim().toLowerCase();
  const solvent =
    named === undefined
      ? undefined
      : [...work.world.facts.substances].find(([, { substance: one }]) => {
          const name = one.name.toLowerCase();
          return named.startsWith(name) || name.startsWith(named);
        })?.[0];
  if (solvent !== undefined) return solvent;
  const mixes = substance.waterSolubility?.digits === 'miscible' || hasGroup(kind.groups, 'alcohol', 'carboxylicAcid');
  if (named === undefined && (kind.inorganic || mixes)) return waterId(work);
  const weak = line.strength.by === 'molarity' || Number(line.strength.digits) < 80;
  return weak ? implied.solvent.id : 'rest~';
}

function soluteOf(work: Bringing, { line, bottle }: LineFacts, grams: number, amount: number | undefined): number {
  if (bottle.assay) return grams * bottle.assay.q.value;
  const M = work.world.kind(line.substance).M;
  return bottle.concentration && amount !== undefined && M ? amount * M : grams;
}

/** A volume without a density: a dilute solution weighs about as much as water. */
function massByGuess(work: Bringing, { line, name }: LineFacts, volume: number | undefined): number | undefined {
  if (volume === undefined) return undefined;
  const density = work.assume(
    {
      key: `density/${line.id}`,
      label: `density of ${name}`,
      dim: 'density',
      unit: 'g/mL',
      low: 0.95,
      typical: 1,
      high: 1.1,
      why: 'no density is given; taken as that of water',
    },
    true,
  );
  return volume * density.q.value;
}
