import { addReaction, addTerm, setProduct } from '../reactions';
import { addUsualBlock, usualBlocks } from './usualBlocks';
import { blankPreparation } from '../../document/blank';
import { blockOf } from './block';
import { goalOf, namedBy } from '../../operations/named';
import { missingParts } from '../../process/proof/missingParts';
import { putBlock } from './putBlock';
import { readPreparation } from '../../formats/readPreparation';
import { writePreparation } from '../../formats/writePreparation';
import { acetanilide, shipped } from '../../../../tests/support/preparations';
import type { AddedSteps } from './block';
import type { Preparation } from '../../document/document';

const taken = (added: AddedSteps): Preparation => {
  if (!added.ok) throw new Error(added.lacks);
  const read = readPreparation(writePreparation(added.doc));
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  return added.doc;
};

/** A new preparation in which it is said what is made, and nothing else. */
function begun(): Preparation {
  const blank = addReaction(blankPreparation('New'), 'Reaction');
  const [reaction] = blank.reactions;
  const id = reaction?.id ?? '';
  const made = addTerm(blank, id, 'right', { added: { name: 'Ester', formula: 'C9H10O2' } });
  return setProduct(made, id, made.substances[0]?.id ?? '');
}

test('a block of steps on a page where only the product is said makes the lines and the stage that it needs', () => {
  const doc = taken(addUsualBlock(begun(), usualBlocks[0], 0));
  expect(doc.steps.map(({ op }) => op)).toEqual(['extraction', 'wash', 'dryingLiquid', 'stripping']);
  expect(doc.lines.map(({ role }) => role)).toEqual(['extractant', 'wash', 'drying agent']);
  expect(doc.stages.map(({ substance }) => substance)).toEqual(['ester']);
  // What nobody has chosen yet stands in the way of a class, line by line.
  const open = missingParts(doc).filter(({ rule }) => rule === 'missing.choice');
  expect(open.map(({ about, severity }) => [about.line, severity])).toEqual(doc.lines.map(({ id }) => [id, 'stop']));
});

test('without a stage and without a product a block says what it lacks, and changes nothing', () => {
  for (const block of usualBlocks)
    expect(addUsualBlock(blankPreparation('New'), block, 0)).toEqual({ ok: false, lacks: 'stage' });
});

test('what is purified after it was weighed comes out as a new stage of the same substance', () => {
  const isolated = taken(addUsualBlock(begun(), usualBlocks[0], 0));
  const doc = taken(addUsualBlock(isolated, usualBlocks[1], isolated.steps.length));
  const [crude, pure, ...more] = doc.stages;
  expect(more).toEqual([]);
  expect(pure).toMatchObject({ substance: crude?.substance, origin: { by: 'stage', stage: crude?.id } });
  expect(doc.steps.slice(4).map((step) => goalOf(step) ?? namedBy(step, 'stage'))).toEqual([
    [crude?.id, pure?.id],
    [],
    pure?.id,
    pure?.id,
    pure?.id,
    pure?.id,
  ]);
});

test('each step of a block names a line of its own', () => {
  const twice = taken(addUsualBlock(taken(addUsualBlock(begun(), usualBlocks[0], 0)), usualBlocks[0], 4));
  const lines = twice.steps.flatMap((step) => namedBy(step, 'line'));
  expect(new Set(lines).size).toBe(lines.length);
});

test('steps that are kept read as a preparation and go whole into another one, about what that one makes', () => {
  const source = acetanilide();
  const from = source.steps.findIndex(({ op }) => op === 'recrystallization');
  const ids = source.steps.slice(from).map(({ id }) => id);
  const block = blockOf(source, ids, 'From crude to pure');
  expect(readPreparation(writePreparation(block)).ok).toBe(true);
  expect(block.reactions).toEqual([]);
  const named = new Set(block.steps.flatMap((step) => namedBy(step, 'line')));
  expect(block.lines.every(({ id }) => named.has(id))).toBe(true);

  const doc = taken(putBlock(begun(), block, 0));
  expect(doc.steps.map(({ op }) => op)).toEqual(block.steps.map(({ op }) => op));
  expect(doc.lines.map(({ entered, role }) => [entered.by, role])).toEqual(
    block.lines.map(({ entered, role }) => [entered.by, role]),
  );
  // The stages are the new preparation's, as many as the block has.
  expect(doc.stages).toHaveLength(block.stages.length);
  expect(new Set(doc.stages.map(({ substance }) => substance))).toEqual(new Set(['ester']));
});

test('a block that is put back where it came from uses the vessels and substances that are there', () => {
  const source = shipped('eugenol');
  const block = blockOf(
    source,
    source.steps.slice(2, 6).map(({ id }) => id),
    'Part',
  );
  const doc = taken(putBlock(source, block, source.steps.length));
  expect(doc.vessels).toEqual(source.vessels);
  expect(doc.substances).toEqual(source.substances);
  expect(doc.devices).toEqual(source.devices);
  expect(doc.steps).toHaveLength(source.steps.length + block.steps.length);
  expect(doc.steps.slice(0, source.steps.length)).toEqual(source.steps);
});
