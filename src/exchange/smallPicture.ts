import { t } from "@/language/t";
import { limits } from "@/messages/limits";

/** A picture made small enough to keep. */
interface SmallPicture {
  type: "image/jpeg";
  widthPx: number;
  heightPx: number;
  /** Base64. */
  data: string;
}

/** What a picture file came to: the small picture, or why not and what to do. */
export type MadeSmall = { ok: true; picture: SmallPicture } | { ok: false; problem: string };

const notAPicture = t`The browser cannot open this picture. Choose one that is saved as JPEG, PNG or WebP.`;
/* Each try is smaller than the one before; the last fits whatever was on it. */
const tries = [
  { sidePx: 1280, quality: 0.78 },
  { sidePx: 1024, quality: 0.72 },
  { sidePx: 800, quality: 0.6 },
  { sidePx: 480, quality: 0.5 },
];

/** Makes a picture small, whatever a camera made of it. The file is read, and nothing of where it was taken kept. */
export async function smallPicture(file: Blob): Promise<MadeSmall> {
  if (!file.type.startsWith("image/") && file.type !== "")
    return { ok: false, problem: notAPicture };
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    return { ok: false, problem: notAPicture };
  }
  try {
    for (const { sidePx, quality } of tries) {
      const picture = await drawn(bitmap, sidePx, quality);
      if (picture && picture.data.length <= limits.pictureLetters.max) return { ok: true, picture };
    }
    return {
      ok: false,
      problem: t`The browser could not make this picture small. Try another one.`,
    };
  } finally {
    bitmap.close();
  }
}

async function drawn(
  bitmap: ImageBitmap,
  sidePx: number,
  quality: number,
): Promise<SmallPicture | undefined> {
  const scale = Math.min(1, sidePx / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  const context = canvas.getContext("2d");
  if (!context) return undefined;
  /* What is see-through would come out black. */
  context.fillStyle = "#ffffff";
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const [head, data] = canvas.toDataURL("image/jpeg", quality).split(",");
  if (!data || !head?.startsWith("data:image/jpeg")) return undefined;
  return { type: "image/jpeg", widthPx: canvas.width, heightPx: canvas.height, data };
}
