const MOST_PIXELS = 1280;
const QUALITY = 0.8;

/** Width and height of a picture that fits, its shape kept. */
export function fitted(width: number, height: number): [number, number] {
	const scale = Math.min(1, MOST_PIXELS / Math.max(width, height));
	return [Math.max(1, Math.round(width * scale)), Math.max(1, Math.round(height * scale))];
}

/**
 * A picture file as a small JPEG in base64, upright and drawn anew: only its pixels leave the phone, no position.
 * Fails if the browser cannot read the file as a picture.
 */
export async function smallJpeg(file: Blob): Promise<string> {
	const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
	const canvas = document.createElement('canvas');
	[canvas.width, canvas.height] = fitted(bitmap.width, bitmap.height);
	const pen = canvas.getContext('2d');
	if (!pen) throw new Error('This browser cannot draw pictures.');
	pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
	bitmap.close();
	return canvas.toDataURL('image/jpeg', QUALITY).split(',')[1] ?? '';
}
