"use client";

import * as say from "@/words/pages/bench/arrival";
import { useRouter } from "next/navigation";
import { useMemo, useRef, useState } from "react";
import { fault } from "@/contract/faults";
import type { ArrivalContext } from "@/contract/queries";
import { inspect } from "@/core/arrival/index";
import { mixEstimate } from "@/core/vessel/index";
import { treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { useRecordingDay } from "@/features/kernel/recording-day";
import { useCommand } from "@/features/kernel/use-command";
import { findingText } from "@/words/arrival";
import { faultWords } from "@/words/faults";
import { emptyPotDraft, type PotField, readPot } from "@/features/pots/pot-fields";
import { useKind } from "@/features/trees/use-kind";
import { type ArrivalDraft, type ArrivalField, EMPTY_ARRIVAL, readArrival, readingOf } from "./draft";
import { useContextOf } from "./verdict-panel";

/** What is typed and tapped of a plant that arrives, what it comes to, and how it is recorded. */
export function useArrival({
  takenTags,
  suggestedTag,
  unknown,
}: {
  takenTags: string[];
  suggestedTag: string;
  unknown: ArrivalContext;
}) {
  const router = useRouter();
  const { collectionId, units } = useAsOf();
  const { value: arrivedOn } = useRecordingDay();
  const { tell } = useNotice();
  const { send, busy, failure, beside } = useCommand("receive-tree");
  const treeId = useRef<string | null>(null);
  const [d, setD] = useState<ArrivalDraft>(EMPTY_ARRIVAL);
  const set = (part: Partial<ArrivalDraft>) => setD((x) => ({ ...x, ...part }));
  const [tag, setTag] = useState(suggestedTag);
  const kind = useKind();
  const [cultivar, setCultivar] = useState("");
  const [rootstock, setRootstock] = useState("");
  const [pot, setPot] = useState({ ...emptyPotDraft, known: "outside" } as typeof emptyPotDraft);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const context = useContextOf(collectionId, kind.chosen?.id ?? null, unknown);
  const potRead = readPot(pot, units);
  const described =
    pot.litres !== "" || pot.size !== "" || Object.values(pot.measures).some((measure) => measure !== "");
  const potKnown = described && Object.keys(potRead.problems).length === 0 ? potRead.pot : null;
  const volumeL = potKnown ? mixEstimate(potKnown).p50 : null;
  const { inspection, problems: typed } = useMemo(() => readArrival(d, volumeL), [d, volumeL]);
  const verdict = useMemo(
    () => inspect(inspection, context.kind, context.season, d.purpose === "crop" && context.lonely),
    [inspection, context, d.purpose],
  );
  const faultAt = beside<ArrivalField | `pot.${PotField}`>({ ...typed, ...problems });
  const bare = d.form === "bare-root";
  const seen = { d, set, faultAt };

  const submit = async () => {
    const wrong: Record<string, string> = { ...typed };
    if (takenTags.some((t) => t.toLowerCase() === tag.trim().toLowerCase()))
      wrong.tag = faultWords(fault("tag", "tag-taken", { tag: tag.trim() }), units);
    if (!bare && described)
      for (const [path, message] of Object.entries(potRead.problems)) wrong[`pot.${path}`] = message;
    setProblems(wrong);
    treeId.current ??= crypto.randomUUID();
    const done = await send(
      {
        collectionId,
        treeId: treeId.current,
        tag,
        ...kind.fields,
        cultivar,
        purpose: verdict.verdict === "rescue" ? "rescue" : d.purpose,
        count: 1,
        form: d.form,
        arrivedOn,
        lastPotted: null,
        pot: bare ? null : potKnown,
        finalVolumeL: null,
        trunkMm: null,
        heightM: null,
        rootstock,
        verdict: verdict.verdict,
        findings: verdict.found.map((f) => f.code),
        reading: readingOf(inspection),
        dry: inspection.light === true,
        pricePaid: inspection.price,
        repairCost: null,
        spreadMm: inspection.bare?.spreadMm ?? null,
        note: verdict.found.map((f) => findingText(f.code, f.figures, units)).join(" "),
      },
      wrong,
    );
    if (!done) return;
    tell({ text: say.hasArrived(tag.trim()), entryId: done.entryId });
    const next = verdict.verdict === "rescue" ? "rescue" : verdict.verdict === "correct" && !bare ? "correct" : "";
    router.push(treeAt(collectionId, treeId.current, next));
  };
  return {
    seen,
    bare,
    kind,
    pot: { draft: pot, set: setPot },
    tag: { value: tag, set: setTag },
    cultivar: { value: cultivar, set: setCultivar },
    rootstock: { value: rootstock, set: setRootstock },
    faultAt,
    verdict,
    context,
    price: inspection.price,
    arrivedOn,
    submit,
    busy,
    failure,
  };
}
