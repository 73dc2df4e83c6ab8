"use client";

import * as say from "@/words/pages/bench/roots";
import { photoAt } from "@/features/kernel/addresses";
import { useEffect, useState } from "react";
import type { Face } from "@/core/roots/index";
import { day } from "@/words/format";
import { useAsOf } from "@/features/kernel/as-of";
import { FACE_NAMES } from "@/words/root-check";

/** A photograph of one face beside the newest earlier one of the same face. */
export function FacePhoto({
  face,
  file,
  before,
  onFile,
}: {
  face: Face;
  file: File | null;
  before: { id: string; on: string } | null;
  onFile: (file: File) => void;
}) {
  const { collectionId, today } = useAsOf();
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => () => void (url && URL.revokeObjectURL(url)), [url]);
  return (
    <div className="grid grid-cols-2 gap-2">
      <figure className="text-sm">
        {before ? (
          <>
            {/* eslint-disable-next-line @next/next/no-img-element -- served by our own route, already reduced */}
            <img
              src={photoAt(collectionId, before.id, "?size=thumb")}
              alt={say.ofTheBallOn(FACE_NAMES[face].name, day(before.on, today))}
              className="rounded-box w-full"
            />
            <figcaption>
              {FACE_NAMES[face].name}, {day(before.on, today)}
            </figcaption>
          </>
        ) : (
          <figcaption className="opacity-80">
            {say.noEarlierPhotographOfThe(FACE_NAMES[face].name.toLowerCase())}
          </figcaption>
        )}
      </figure>
      <figure className="text-sm">
        {url && (
          // eslint-disable-next-line @next/next/no-img-element -- a picture still on this device
          <img src={url} alt={say.ofTheBallToday(FACE_NAMES[face].name)} className="rounded-box w-full" />
        )}
        <label className="btn mt-1 h-12 w-full">
          {file ? say.takeAnother : say.photographThe(FACE_NAMES[face].name.toLowerCase())}
          <input
            type="file"
            accept="image/*"
            capture="environment"
            className="sr-only"
            onChange={(e) => {
              const chosen = e.target.files?.[0];
              if (!chosen) return;
              onFile(chosen);
              setUrl(URL.createObjectURL(chosen));
            }}
          />
        </label>
      </figure>
    </div>
  );
}
