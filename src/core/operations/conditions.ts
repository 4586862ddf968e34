/** What a step exposes people and glass to, as far as its kind tells: the triggers of cautions look at this alone. */
export interface Conditions {
  /** The liquid boils: an open top, an aid against bumping, no flame near what burns. */
  readonly boiling?: boolean;
  /** A hot plate, mantle, block or oven stands about. */
  readonly hot?: boolean;
  readonly vacuum?: boolean;
  /** A closed oven: nothing that gives off flammable vapour. */
  readonly oven?: boolean;
  /** Lines that go into a hot liquid. */
  readonly intoHot?: readonly string[];
  /** Lines added little by little. */
  readonly dosed?: readonly string[];
  /** Never above this, °C. */
  readonly ceiling_C?: number;
}
