import fc from 'fast-check';

/** Any mixture of acid–base systems in one solution. */
export const neutralSystems = fc.array(
  fc.record({
    pKas: fc
      .array(fc.double({ min: 0, max: 13, noNaN: true }), { minLength: 1, maxLength: 3 })
      .map((steps) => steps.sort((a, b) => a - b)),
    concentration: fc.double({ min: 0.001, max: 2, noNaN: true }),
    charge: fc.constantFrom(0, 1),
  }),
  { maxLength: 3 },
);
