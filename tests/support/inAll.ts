/** A test that takes long and seldom finds anything: it runs with `bin/test --all`, which says so by a variable, and in CI. */
export const testInAll = process.env['ALL_TESTS'] ? test : test.skip;
