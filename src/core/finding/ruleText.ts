/** Words of one rule. `{name}` in a sentence stands for an argument of the finding. */
export interface RuleText {
  readonly title: string;
  readonly says: string;
  readonly remedies?: readonly string[];
}
