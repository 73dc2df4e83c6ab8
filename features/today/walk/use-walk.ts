"use client";

import * as say from "@/words/pages/today/walk";
import { useEffect, useRef, useState } from "react";
import { litresFromRim, USUAL_WALL } from "@/core/vessel/index";
import { restore } from "@/ui/device-memory";
import { useCommand } from "@/features/kernel/use-command";
import { usePhotoUpload } from "@/features/bench/notes/use-photo";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { nextTag } from "@/features/trees/next-tag";
import { freshDraft, remembered, stepAfter, type WalkDraft, walkDraft, type WalkMemory, type WalkStep } from "./draft";

const emptyMemory: WalkMemory = { kinds: [], wall: USUAL_WALL, saved: 0 };

export interface WalkProps {
  /** Kinds of this collection, the commonest first. */
  usual: string[];
  trees: { id: string; tag: string; name: string }[];
  lastTag: string | null;
}

/** A round through the trees with a phone: one draft at a time, kept on the device until it is saved. Null until that is read. */
export function useWalk({ trees, lastTag }: Pick<WalkProps, "trees" | "lastTag">) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const add = useCommand("add-tree");
  const measure = useCommand("record-measure");
  const photos = usePhotoUpload();
  const [memory, setMemory] = useState(emptyMemory);
  const [draft, setDraft] = useState<WalkDraft | null>(null);
  const [picture, setPicture] = useState<File | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [lost, setLost] = useState<{ treeId: string; tag: string; file: File } | null>(null);
  const taken = trees.map((t) => t.tag);
  const key = `aurelian-walk-${collectionId}`;

  // What this device remembers is known only in the browser: the first picture comes from the server without it.
  const start = useRef(() => {
    const known = restore(`${key}-memory`, (v) => v as WalkMemory) ?? emptyMemory;
    const kept = restore(key, (v) => walkDraft.safeParse(v).data ?? null);
    setMemory(known);
    setDraft(kept ?? freshDraft(nextTag(lastTag, taken), known, crypto.randomUUID()));
  });
  useEffect(() => start.current(), []);

  const change = (part: Partial<WalkDraft>) => {
    setProblem(null);
    setDraft((d) => {
      const next = d && { ...d, ...part };
      if (next) window.localStorage.setItem(key, JSON.stringify(next));
      return next;
    });
  };

  if (!draft) return null;
  const known = trees.find((t) => t.tag.toLocaleLowerCase() === draft.tag.trim().toLocaleLowerCase());
  const go = (step: WalkStep) => change({ step });
  const onward = (part: Partial<WalkDraft>) => change({ ...part, step: stepAfter(draft.step, known !== undefined) });
  const pot = potOf(draft);
  const save = async () => {
    const tag = draft.tag.trim();
    if (!known && draft.kind.trim() === "") {
      setProblem(say.sayWhatItIsFirst);
      return go("kind");
    }
    if (known && !pot && draft.feel === null && !picture) {
      setProblem(say.nothingNewWasSaidAbout);
      return go("width");
    }
    const treeId = known?.id ?? draft.treeId;
    const done =
      known && !pot && draft.feel === null
        ? { entryId: null }
        : known
          ? await measure.send({
              collectionId,
              treeId,
              on: today,
              pot,
              depthToMixMm: null,
              trunkMm: null,
              heightM: null,
              feel: draft.feel,
            })
          : await add.send({
              collectionId,
              treeId,
              tag,
              // A name of the library is known again where it is kept.
              kindId: null,
              typedName: draft.kind.trim(),
              habit: "unknown",
              cultivar: null,
              purpose: "ornament",
              count: 1,
              form: "unknown",
              arrivedOn: today,
              lastPotted: null,
              pot,
              feel: draft.feel,
              finalVolumeL: null,
              trunkMm: null,
              heightM: null,
            });
    if (!done) return;
    const file = picture;
    const next = remembered(memory, draft);
    setMemory(next);
    window.localStorage.setItem(`${key}-memory`, JSON.stringify(next));
    tell({ text: say.isSavedOnThisRound(tag, next.saved), entryId: done.entryId });
    const fresh = freshDraft(nextTag(tag, [...taken, tag]), next, crypto.randomUUID());
    window.localStorage.setItem(key, JSON.stringify(fresh));
    setDraft(fresh);
    setPicture(null);
    // The tree is safe already: its picture follows by itself.
    if (file && !(await photos.upload(treeId, today, file))) setLost({ treeId, tag, file });
  };

  return {
    draft,
    memory,
    known,
    pot,
    picture,
    setPicture,
    change,
    go,
    onward,
    save,
    busy: add.busy || measure.busy,
    faults: [...(problem ? [{ message: problem }] : []), ...((add.failure ?? measure.failure)?.faults ?? [])],
    /** A picture that could not be kept though its tree is. */
    lost: lost && {
      tag: lost.tag,
      fault: photos.fault,
      again: () => void photos.upload(lost.treeId, today, lost.file).then((done) => done && setLost(null)),
    },
  };
}
export type Walk = NonNullable<ReturnType<typeof useWalk>>;

/** The pot as far as it was measured: both ways round, by its rim alone, or not at all. */
function potOf(draft: WalkDraft) {
  if (draft.widthMm === null) return null;
  if (draft.heightMm === null)
    return { known: "about" as const, litres: litresFromRim("round", draft.widthMm, draft.wall), wall: draft.wall };
  return {
    known: "outside" as const,
    shape: "round" as const,
    wall: draft.wall,
    outerWidthMm: draft.widthMm,
    outerHeightMm: draft.heightMm,
  };
}
