const longestSide = 1600;
const quality = 0.82;

/** A photo drawn anew as JPEG, at most 1600 px wide and high, upright; nothing when the browser cannot read it. */
export async function shrinkPhoto(photo: Blob): Promise<Uint8Array | undefined> {
  try {
    const bitmap = await createImageBitmap(photo, { imageOrientation: 'from-image' });
    const scale = Math.min(1, longestSide / Math.max(bitmap.width, bitmap.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(bitmap.width * scale));
    canvas.height = Math.max(1, Math.round(bitmap.height * scale));
    const context = canvas.getContext('2d');
    if (!context) return undefined;
    // What was transparent becomes paper, not black.
    context.fillStyle = 'white';
    context.fillRect(0, 0, canvas.width, canvas.height);
    context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
    bitmap.close();
    const drawn = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', quality));
    return drawn ? new Uint8Array(await drawn.arrayBuffer()) : undefined;
  } catch {
    return undefined;
  }
}
