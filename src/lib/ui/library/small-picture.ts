/** Longer side of a kept picture, in pixels. */
const LONGEST = 900;

/** A picture scaled down to what a screen shows, as a JPEG; null when the browser cannot read it or it is small. */
export async function smallPicture(file: File): Promise<File | null> {
	try {
		const bitmap = await createImageBitmap(file);
		const scale = LONGEST / Math.max(bitmap.width, bitmap.height);
		if (scale >= 1) return null;
		const canvas = document.createElement('canvas');
		canvas.width = Math.round(bitmap.width * scale);
		canvas.height = Math.round(bitmap.height * scale);
		canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
		const blob = await new Promise<Blob | null>((made) => canvas.toBlob(made, 'image/jpeg', 0.85));
		return blob && new File([blob], 'picture.jpg', { type: 'image/jpeg' });
	} catch {
		return null;
	}
}
