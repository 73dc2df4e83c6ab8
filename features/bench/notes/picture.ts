import "server-only";
import { createHash } from "node:crypto";
import sharp from "sharp";
import { MOST_BYTES } from "@/contract/limits";
import { refuse } from "@/features/kernel/define";

const LONG_SIDE_PX = 1600;
const THUMB_PX = 240;
const MOST_PIXELS = 80_000_000;
const READABLE = new Set(["jpeg", "png", "webp", "heif"]);

/** Resized copies without any metadata: where a picture was taken stays with the person who took it. */
export async function preparePicture(raw: Uint8Array) {
  if (raw.length > MOST_BYTES.photo) refuse("photo", "too-large", { what: "picture", mostBytes: MOST_BYTES.photo });
  try {
    const source = sharp(raw, { limitInputPixels: MOST_PIXELS, failOn: "error" });
    const { format } = await source.metadata();
    if (!READABLE.has(format)) refuse("photo", "not-a-picture");
    // Turned upright first, since the note of which way is up goes with the rest of the metadata.
    const upright = source.autoOrient();
    const image = await upright
      .clone()
      .resize(LONG_SIDE_PX, LONG_SIDE_PX, { fit: "inside", withoutEnlargement: true })
      .jpeg({ quality: 80, mozjpeg: true })
      .toBuffer({ resolveWithObject: true });
    const thumb = await upright.clone().resize(THUMB_PX, THUMB_PX, { fit: "cover" }).jpeg({ quality: 72 }).toBuffer();
    return {
      widthPx: image.info.width,
      heightPx: image.info.height,
      sha256: createHash("sha256").update(image.data).digest("hex"),
      image: image.data,
      thumb,
    };
  } catch (error) {
    if (error instanceof Error && "faults" in error) throw error;
    refuse("photo", "picture-damaged");
  }
}
