/** A picture says it in so many pixels across, and is sent so over a yard's weak network. */
const ACROSS_PX = 1400;
const QUALITY = 0.72;

const base64Of = (blob: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result).split(',')[1] ?? '');
    reader.onerror = () => reject(reader.error ?? new Error('not read'));
    reader.readAsDataURL(blob);
  });

/** A picture made small, as JPEG in base64, upright; null for what the browser cannot show. Where it was taken is left behind. */
export async function smallPicture(file: Blob): Promise<string | null> {
  try {
    const image = await createImageBitmap(file);
    const scale = Math.min(1, ACROSS_PX / Math.max(image.width, image.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(image.width * scale));
    canvas.height = Math.max(1, Math.round(image.height * scale));
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
    image.close();
    const blob = await new Promise<Blob | null>((done) =>
      canvas.toBlob(done, 'image/jpeg', QUALITY),
    );
    return blob && (await base64Of(blob));
  } catch {
    return null;
  }
}
