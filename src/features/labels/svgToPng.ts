/* Fine enough for any printer. */
const dotsPerMm = 24;

/**
 * A picture file of a label.
 * @throws Error when the browser can draw no picture
 */
export async function svgToPng(
  svg: string,
  widthMm: number,
  heightMm: number,
): Promise<Uint8Array> {
  const image = new Image();
  const address = URL.createObjectURL(new Blob([svg], { type: "image/svg+xml" }));
  try {
    image.src = address;
    await image.decode();
    const canvas = document.createElement("canvas");
    canvas.width = Math.round(widthMm * dotsPerMm);
    canvas.height = Math.round(heightMm * dotsPerMm);
    canvas.getContext("2d")?.drawImage(image, 0, 0, canvas.width, canvas.height);
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/png"));
    if (!blob) throw new Error("the browser made no picture of it");
    return new Uint8Array(await blob.arrayBuffer());
  } finally {
    URL.revokeObjectURL(address);
  }
}
