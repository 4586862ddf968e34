import { AppError } from '@/server/appError';
import { largestPart, readFile, takePart } from '@/server/files';
import { readBytes } from '@/server/body';
import { route } from '@/server/route';

export const GET = route<{ id: string }>('GET /api/v1/files/[id]', async ({ params }) => {
  const { name, type, bytes } = await readFile(params.id);
  // Shown in the page or saved, never run: no script of a file reaches this origin.
  return new Response(new Uint8Array(bytes), {
    headers: {
      'Content-Type': type.startsWith('text/') ? 'text/plain; charset=utf-8' : type,
      'Content-Disposition': `${type.startsWith('image/') ? 'inline' : 'attachment'}; filename*=UTF-8''${encodeURIComponent(name)}`,
      // The front door puts it in place of the general one.
      'Mozle-Policy': "default-src 'none'; sandbox",
      'Cache-Control': 'no-store',
    },
  });
});

export const PUT = route<{ id: string }>('PUT /api/v1/files/[id]', async ({ request, params, identity }) => {
  const first = Number(new URL(request.url).searchParams.get('first') ?? '');
  if (!Number.isInteger(first) || first < 0)
    throw new AppError('badRequest', '“first” is the number of the first byte.');
  const part = await readBytes(request, largestPart);
  if (part.byteLength === 0) throw new AppError('badRequest', 'The part is empty.');
  return Response.json(await takePart(params.id, identity.id, first, part));
});
