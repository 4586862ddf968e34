/** A PDF of pages of plain lines, as a word processor would print them: for tests and benchmarks of what reads handouts. */
export function plainPdf(pages: readonly (readonly string[])[]): Buffer {
  const escaped = (line: string) => line.replace(/[\\()]/g, '\\$&').replace(/[^\x20-\x7e]/g, ' ');
  const text = (lines: readonly string[]) => lines.map((line) => `(${escaped(line)}) Tj T*`).join('\n');
  return pdfOf(pages.map((lines) => `BT /F1 10 Tf 12 TL 50 780 Td\n${text(lines)}\nET`));
}

/** A PDF of one page on which letters stand in so many places. */
export function crowdedPdf(places: number): Buffer {
  const columns = 250;
  const at = (i: number) => `1 0 0 1 ${(i % columns) * 2} ${Math.floor(i / columns) * 3} Tm (a) Tj`;
  return pdfOf([`BT /F1 1 Tf\n${Array.from({ length: places }, (_, i) => at(i)).join('\n')}\nET`]);
}

/** A PDF of pages by their content streams. */
function pdfOf(streams: readonly string[]): Buffer {
  const objects = [
    '<< /Type /Catalog /Pages 2 0 R >>',
    `<< /Type /Pages /Count ${streams.length} /Kids [${streams.map((_, i) => `${4 + 2 * i} 0 R`).join(' ')}] >>`,
    '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
    ...streams.flatMap((stream, i) => [
      `<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 842] /Resources << /Font << /F1 3 0 R >> >> /Contents ${5 + 2 * i} 0 R >>`,
      `<< /Length ${stream.length} >>\nstream\n${stream}\nendstream`,
    ]),
  ];
  let text = '%PDF-1.4\n';
  const at = objects.map((object, i) => {
    const here = text.length;
    text += `${i + 1} 0 obj\n${object}\nendobj\n`;
    return here;
  });
  const table = at.map((offset) => `${String(offset).padStart(10, '0')} 00000 n \n`).join('');
  const end = `trailer\n<< /Size ${objects.length + 1} /Root 1 0 R >>\nstartxref\n${text.length}\n%%EOF\n`;
  return Buffer.from(`${text}xref\n0 ${objects.length + 1}\n0000000000 65535 f \n${table}${end}`, 'latin1');
}
