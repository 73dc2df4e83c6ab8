import type { CollectionRecords } from "./records";
import type { ReplayContext } from "./context";

/** Everything a browser needs to replay a collection by itself: the same core, no server while dragging. */
export interface ReplayBundle {
  revision: number;
  records: CollectionRecords;
  context: ReplayContext;
}

type Packed = { $packed: "u8" | "f32"; data: string };

function toBase64(bytes: Uint8Array): string {
  let text = "";
  for (let i = 0; i < bytes.length; i += 8192) text += String.fromCharCode(...bytes.subarray(i, i + 8192));
  return btoa(text);
}

function fromBase64(text: string): Uint8Array {
  const raw = atob(text);
  const bytes = new Uint8Array(raw.length);
  for (let i = 0; i < raw.length; i++) bytes[i] = raw.charCodeAt(i);
  return bytes;
}

/** JSON with typed arrays packed as base64. */
function pack(value: unknown): string {
  return JSON.stringify(value, (_key, value: unknown) => {
    if (value instanceof Uint8Array) return { $packed: "u8", data: toBase64(value) } satisfies Packed;
    if (value instanceof Float32Array) {
      return {
        $packed: "f32",
        data: toBase64(new Uint8Array(value.buffer, value.byteOffset, value.byteLength)),
      } satisfies Packed;
    }
    return value;
  });
}

function unpack(text: string): unknown {
  return JSON.parse(text, (_key, value: unknown) => {
    if (typeof value !== "object" || value === null || !("$packed" in value)) return value;
    const packed = value as Packed;
    const bytes = fromBase64(packed.data);
    return packed.$packed === "u8" ? bytes : new Float32Array(bytes.buffer);
  });
}

export const packBundle = (bundle: ReplayBundle): string => pack(bundle);
export const unpackBundle = (text: string): ReplayBundle => unpack(text) as ReplayBundle;
export const packContext = (context: ReplayContext): string => pack(context);
export const unpackContext = (text: string): ReplayContext => unpack(text) as ReplayContext;
