import { crc32, deflateRawSync } from 'node:zlib';

/** An archive of some files; `said` is the size that it says they have, whatever they hold. */
export function zip(files: readonly (readonly [name: string, text: string])[], said?: number): Uint8Array {
  const parts: Buffer[] = [];
  const central: Buffer[] = [];
  let at = 0;
  for (const [name, text] of files) {
    const [whole, packed, label] = [Buffer.from(text), deflateRawSync(text, { level: 9 }), Buffer.from(name)];
    const head = Buffer.alloc(26);
    head.writeUInt16LE(20, 0);
    head.writeUInt16LE(8, 4);
    head.writeUInt32LE(crc32(whole), 10);
    head.writeUInt32LE(packed.byteLength, 14);
    head.writeUInt32LE(said ?? whole.byteLength, 18);
    head.writeUInt16LE(label.byteLength, 22);
    const local = Buffer.concat([Buffer.from('PK\x03\x04', 'latin1'), head, label, packed]);
    const rest = Buffer.alloc(14);
    rest.writeUInt32LE(at, 10);
    central.push(Buffer.concat([Buffer.from('PK\x01\x02\x14\x00', 'latin1'), head, rest, label]));
    parts.push(local);
    at += local.byteLength;
  }
  const directory = Buffer.concat(central);
  const tail = Buffer.alloc(18);
  tail.writeUInt16LE(files.length, 4);
  tail.writeUInt16LE(files.length, 6);
  tail.writeUInt32LE(directory.byteLength, 8);
  tail.writeUInt32LE(at, 12);
  return Buffer.concat([...parts, directory, Buffer.from('PK\x05\x06', 'latin1'), tail]);
}
