const LONG = 1600;

/** A photo as a JPEG of at most 1 600 points along its longer side, in base 64; null: it is none that can be read. */
export const shrink = async (file) => {
    let picture;
    try {
        picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    } catch {
        return null;
    }
    const scale = Math.min(1, LONG / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, Math.round(picture.width * scale));
    canvas.height = Math.max(1, Math.round(picture.height * scale));
    canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);

    return canvas.toDataURL('image/jpeg', 0.8).split(',')[1];
};
