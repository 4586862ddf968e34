/** What a step exposes people and glass to, as far as its kind tells: the triggers of cautions look at this alone. */
export interface Conditions {
  /** Heated over a flame. */
  readonly flame?: boolean;
  /** The sheet says whether the condenser is cooled by air. */
  readonly airCooled?: boolean;
  /** The liquid boils: an open top, an aid against bumping, no flame near what burns. */
  readonly boiling?: boolean;
  /** Boils in a flask with a neck: an aid against bumping. */
  readonly bumps?: boolean;
  /** A hot plate, mantle, block or oven stands about. */
  readonly hot?: boolean;
  /** What the vessels of the step hold gets warm: what burns in it counts. */
  readonly warms?: boolean;
  /** Vapour goes over into a condenser, at about this temperature where the sheet says so. */
  readonly distils?: { readonly vapour_C?: number; readonly from_C?: number };
  /** Vapour rises into an upright condenser and runs back, at this temperature at the least. */
  readonly refluxes?: { readonly vapour_C: number; readonly to_C?: number };
  /** With steam: the head stands near 100 °C whatever the oil boils at. */
  readonly steam?: boolean;
  /** A filter flask under suction, or a round flask turning under vacuum. */
  readonly vacuum?: 'suction' | 'rotary';
  /** A closed oven: nothing that gives off flammable vapour. */
  readonly oven?: boolean;
  /** Closed while it reacts, and vented so often. */
  readonly closed?: { readonly vent_min: number };
  /** Solvent leaves it, and what was dissolved stays behind. */
  readonly concentrates?: boolean;
  /** A solid is dried. */
  readonly dries?: boolean;
  /** Stands or is stored for hours and days. */
  readonly keeps?: boolean;
  /** Stands in warm water: nothing else of it is hot. */
  readonly onWater?: boolean;
  /** Something keeps it moving: stirred, or aids against bumping are set. */
  readonly moved?: boolean;
  /** Kept in a refrigerator. */
  readonly coldStore?: boolean;
  /** Where the sheet expects the organic layer. */
  readonly organic?: 'upper' | 'lower';
  /** Shaken in a closed funnel. */
  readonly shakes?: boolean;
  /** Stirred for a time: a bar is in it. */
  readonly stirs?: boolean;
  /** Rubbed together. */
  readonly grinds?: boolean;
  /** Waits for a reaction to start. */
  readonly starts?: boolean;
  /** Brings it to a pH. */
  readonly setsPH?: boolean;
  /** Lines that go into a hot liquid. */
  readonly intoHot?: readonly string[];
  /** Lines added little by little. */
  readonly dosed?: readonly string[];
  /** Lines that stand ready, and into which the mixture is poured. */
  readonly pours?: readonly string[];
  /** Stands in a bath that comes to this at the best, and shall get below that. */
  readonly bath?: { readonly reaches_C: number; readonly below_C: number };
  /** Stands in ice meanwhile. */
  readonly cooled?: boolean;
  /** Never above this, °C. */
  readonly ceiling_C?: number;
}
