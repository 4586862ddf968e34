import { boolean, mixed, number, object, string } from 'yup';
import { AppError } from '@/server/appError';
import { entryFilters } from '@/core/reference/search';
import { jsonText } from '@/server/attachment';
import { offThread } from '@/server/offThread/offThread';
import { readJson } from '@/server/body';
import { route } from '@/server/route';
import { saveEntry } from '@/server/referenceEntries';
import type { EntryFilter } from '@/core/reference/search';

const largestEntry = 60_000;
const saved = object({
  kind: string()
    .oneOf(['substance', 'solution'] as const)
    .required(),
  base: number().integer().min(0).required(),
  fresh: boolean().required(),
  entry: mixed().required(),
}).noUnknown();

const deadlineMs = 15_000;
const query = object({
  words: string().max(120).default(''),
  show: string()
    .oneOf(Object.keys(entryFilters) as EntryFilter[])
    .default('all'),
  many: number().integer().min(1).max(100_000).required(),
  open: string().max(80),
});

/** The whole list for fields that find as one types; with `words`, the beginning of a search. */
export const GET = route('GET /api/v1/reference', async ({ request, identity: { id: who } }) => {
  const asked = Object.fromEntries(new URL(request.url).searchParams);
  if (!('words' in asked)) return jsonText(await offThread('reference', [], { who, deadlineMs }));
  if (!query.isValidSync(asked)) throw new AppError('badRequest', 'The search cannot be read.');
  const { open, ...search } = query.cast(asked);
  const found = { ...search, ...(open === undefined ? {} : { open }) };
  return jsonText(await offThread('referenceFound', [found], { who, deadlineMs, signal: request.signal }));
});

export const POST = route('POST /api/v1/reference', async ({ request, identity }) => {
  const { kind, base, fresh, entry } = await readJson(request, saved, largestEntry);
  const picked = await saveEntry({ kind, base, fresh, entry, by: identity.name });
  return Response.json(picked, { status: 201 });
});
