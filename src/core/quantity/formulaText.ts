/** What a formula is called, how it reads, and where it comes from. Symbols are the keys of a worked value's inputs. */
export interface FormulaText {
  readonly name: string;
  readonly result: string;
  /** Right-hand side; built from the input symbols where their number varies. */
  readonly expression: string | ((symbols: readonly string[]) => string);
  readonly source: string;
}
