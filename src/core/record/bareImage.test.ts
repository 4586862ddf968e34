import fc from 'fast-check';
import { bareImage, isBareImage } from './bareImage';

const bytesOf = (...parts: readonly (number | string | Uint8Array)[]) =>
  Uint8Array.from(
    parts.flatMap((part) =>
      typeof part === 'number' ? [part] : typeof part === 'string' ? [...part].map((c) => c.charCodeAt(0)) : [...part],
    ),
  );
const segment = (code: number, ...content: readonly (number | string)[]) => {
  const inner = bytesOf(...content);
  return bytesOf(0xff, code, (inner.length + 2) >> 8, (inner.length + 2) & 255, inner);
};
const [soi, eoi] = [bytesOf(0xff, 0xd8), bytesOf(0xff, 0xd9)];
const jfif = segment(0xe0, 'JFIF\0', 1, 2, 0, 0, 1, 0, 1, 0, 0);
const tables = [segment(0xdb, 0, 1, 2, 3), segment(0xc0, 8, 0, 1, 0, 1, 1), segment(0xc4, 0, 9)];
const scan = bytesOf(segment(0xda, 1, 1, 0, 0, 63, 0), 0x12, 0xff, 0x00, 0x34, 0xff, 0xd0, 0x56);
const bare = bytesOf(soi, jfif, ...tables, scan, eoi);

test('what tells of place, camera, time or author is left out, wherever it stands; the picture stays to the byte', () => {
  expect(isBareImage(bare)).toBe(true);
  const hidden = [
    segment(0xe1, 'Exif\0\0', 'II*', 0),
    segment(0xe1, 'http://ns.adobe.com/xap/1.0/\0<x:xmpmeta/>'),
    segment(0xed, 'Photoshop 3.0\0'),
    segment(0xe0, 'JFXX\0', 16),
    segment(0xfe, 'taken at the bench'),
  ];
  for (const one of hidden) {
    const places = [
      bytesOf(soi, one, jfif, ...tables, scan, eoi),
      bytesOf(soi, jfif, 0xff, 0xff, 0xff, one, ...tables, scan, eoi),
      bytesOf(soi, jfif, ...tables, one, scan, eoi),
      bytesOf(soi, jfif, ...tables, scan, one, eoi),
    ];
    for (const place of places) {
      expect(isBareImage(place)).toBe(false);
      expect(bareImage(place)).toEqual(bare);
    }
  }
  expect(bareImage(bytesOf(bare, 'and more behind the end'))).toEqual(bare);
  // How the colours are meant stays.
  const coloured = bytesOf(
    soi,
    jfif,
    segment(0xe2, 'ICC_PROFILE\0', 1, 1),
    segment(0xee, 'Adobe', 0),
    ...tables,
    scan,
    eoi,
  );
  expect(isBareImage(coloured)).toBe(true);
});

test('a PNG keeps its picture and loses its texts', () => {
  const chunk = (name: string, content: string) => bytesOf(0, 0, 0, content.length, name, content, 1, 2, 3, 4);
  const head = bytesOf(0x89, 'PNG\r\n', 0x1a, '\n', chunk('IHDR', 'x'.repeat(13)));
  const end = bytesOf(chunk('IDAT', 'data'), chunk('IEND', ''));
  const plain = bytesOf(head, chunk('gAMA', '1234'), end);
  expect(isBareImage(plain)).toBe(true);
  for (const name of ['tEXt', 'zTXt', 'iTXt', 'eXIf', 'tIME', 'iCCP', 'prVt'])
    expect(bareImage(bytesOf(head, chunk(name, 'Author Somebody'), chunk('gAMA', '1234'), end, 'behind'))).toEqual(
      plain,
    );
  expect(bareImage(head)).toBeUndefined();
});

test('whatever bytes it is given, it comes to an end, and what it lets through it lets through again', () => {
  const start = fc.constantFrom(soi, bytesOf(soi, jfif), bytesOf(0x89, 'PNG\r\n', 0x1a, '\n'), bytesOf());
  fc.assert(
    fc.property(start, fc.uint8Array({ maxLength: 80 }), (before, rest) => {
      const cleaned = bareImage(bytesOf(before, rest));
      if (cleaned) expect(isBareImage(cleaned)).toBe(true);
    }),
  );
});
