/** What a page takes before it makes a photo smaller. */
const MOST_MEGABYTES = 50;
const LONGEST_SIDE = 1600;
const QUALITY = 0.85;

/** A photo as it is sent: smaller, and nothing but the picture. */
export interface PreparedPicture {
  readonly bytes: ArrayBuffer;
  readonly width: number;
  readonly height: number;
}

/**
 * Makes a photo ready to be kept here and sent, so that a weak network carries it. Where it was taken stays out of it.
 * @throws {Error} in words for the screen, where the file is no photo that this browser can open
 */
export async function preparePicture(file: File): Promise<PreparedPicture> {
  if (file.size > MOST_MEGABYTES * 1024 * 1024)
    throw new Error(`${file.name} is larger than ${MOST_MEGABYTES} MB. Choose a smaller photo.`);
  if (!/^image\/(?!svg)/.test(file.type)) throw new Error(`${file.name} is not a photo. Choose a JPEG, PNG or WebP.`);
  const picture = await createImageBitmap(file).catch(() => {
    throw new Error(`${file.name} cannot be opened as a photo: it is broken, or of a kind that this browser does not know.`);
  });
  const scale = Math.min(1, LONGEST_SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  const pen = canvas.getContext('2d');
  if (pen === null) throw new Error('This browser has no room for the photo just now. Close other pages, then try again.');
  // What is see-through would turn black.
  pen.fillStyle = '#fff';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', QUALITY));
  if (blob === null) throw new Error('This browser has no room for the photo just now. Close other pages, then try again.');
  return { bytes: await blob.arrayBuffer(), width: canvas.width, height: canvas.height };
}
