import type { ReplayContext } from "./context";

type Packed = { $packed: "u8" | "f32"; data: string } | { $same: number };

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

/** JSON with typed arrays packed as base64, each array once however many tracks share it. */
export function pack(value: unknown): string {
  const seen = new Map<unknown, number>();
  return JSON.stringify(value, (_key, value: unknown) => {
    if (value instanceof Uint8Array || value instanceof Float32Array) {
      const before = seen.get(value);
      if (before !== undefined) return { $same: before } satisfies Packed;
      seen.set(value, seen.size);
    }
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

export function unpack(text: string): unknown {
  const arrays: (Uint8Array | Float32Array)[] = [];
  return JSON.parse(text, (_key, value: unknown) => {
    if (typeof value !== "object" || value === null) return value;
    // Members are read in the order they were written, so an array is known before it is named again.
    if ("$same" in value) return arrays[value.$same as number];
    if (!("$packed" in value)) return value;
    const packed = value as Extract<Packed, { data: string }>;
    const bytes = fromBase64(packed.data);
    const array = packed.$packed === "u8" ? bytes : new Float32Array(bytes.buffer);
    arrays.push(array);
    return array;
  });
}

/** Tracks of kinds and places, as they are kept beside the log. */
type KeptTracks = Pick<ReplayContext, "kinds" | "placed">;
export const packTracks = (tracks: KeptTracks): string => pack(tracks);
export const unpackTracks = (text: string): KeptTracks => unpack(text) as KeptTracks;
