"use client";

import type { ReadingFacts } from "./reading-facts";
import { ReadingHead } from "./reading-head";
import * as say from "@/words/pages/bench/roots";
import { treeAt } from "@/features/kernel/addresses";
import { useRouter } from "next/navigation";
import { useEffect, useRef, useState } from "react";
import { type Face, FACES } from "@/core/roots/index";
import { restore } from "@/ui/device-memory";
import { Caution } from "@/ui/fields";
import { day } from "@/words/format";
import { useCommand } from "@/features/kernel/use-command";
import { usePhotoUpload } from "../notes/use-photo";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import {
  FRESH_READING,
  readingDraft,
  type ReadingDraft,
  READING_STEPS,
  type ReadingStep,
  readReading,
  stepAfter,
  stepBefore,
} from "./reading-draft";
import { useRecordingDay } from "@/features/kernel/recording-day";
import { RestForm } from "./rest-form";
import { Question } from "./questions";

const TITLES: Record<ReadingStep, string> = {
  "side-fill": say.theSideHowFull,
  "side-turn": say.theSideHowManyRoots,
  base: say.turnItOverHowMany,
  flare: say.theTopWhereIsThe,
  get colour() {
    return say.whatColourAreTheTips();
  },
  snap: say.bendARootWhatDoes,
  smell: say.howDoesItSmell,
  rest: say.anythingElse,
};

/** A root ball read with one thumb: one question a screen, answered by a picture; eight taps from the pot to the record. */
export function RootReading({ facts }: { facts: ReadingFacts }) {
  const router = useRouter();
  const { collectionId, today } = useAsOf();
  const { value: seenOn } = useRecordingDay();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("record-roots");
  const photos = usePhotoUpload();
  const [draft, setDraft] = useState<ReadingDraft>(FRESH_READING);
  const [pictures, setPictures] = useState<Partial<Record<Face, File>>>({});
  const [problems, setProblems] = useState<Record<string, string>>({});
  const key = `aurelian-roots-${collectionId}-${facts.treeId}`;

  // What this device has kept is known only in the browser: the first picture comes from the server without it.
  const start = useRef(() => {
    const kept = restore(key, (v) => readingDraft.safeParse(v).data ?? null);
    if (kept) setDraft(kept);
  });
  useEffect(() => start.current(), []);

  const change = (part: Partial<ReadingDraft>) =>
    setDraft((d) => {
      const next = { ...d, ...part };
      window.localStorage.setItem(key, JSON.stringify(next));
      return next;
    });
  const answer = (part: Partial<ReadingDraft>) => change({ ...part, step: stepAfter(draft.step) });

  const submit = async () => {
    const { reading, problems: wrong } = readReading(draft);
    setProblems(wrong);
    if (!reading) return;
    const done = await send({ collectionId, treeId: facts.treeId, on: seenOn, reading });
    if (!done) return;
    window.localStorage.removeItem(key);
    // The reading is safe already: its pictures follow by themselves.
    for (const face of FACES) {
      const file = pictures[face];
      if (file && !(await photos.upload(facts.treeId, seenOn, file, face))) return;
    }
    tell({ text: say.whatYouSawIsIn(facts.tag), entryId: done.entryId });
    router.push(treeAt(collectionId, facts.treeId, "correct"));
  };

  const at = READING_STEPS.indexOf(draft.step);
  return (
    <div data-bench="" className="mx-auto flex min-h-[calc(100dvh-9rem)] max-w-md flex-col">
      <ReadingHead facts={facts} at={at} />
      <progress
        className="progress progress-primary h-2 w-full"
        value={at}
        max={READING_STEPS.length - 1}
        aria-label={say.howFar}
      />
      {seenOn !== today && (
        <p className="text-accent mt-1 text-sm font-semibold" data-testid="recorded-on">
          {say.recordedAsSeenOnThe(day(seenOn))}
        </p>
      )}
      {draft.step === "side-fill" && (
        <Caution className="mt-2">
          <p>
            {say.waterItTheDayBefore}
            {facts.lift}
            {say.gloves}
          </p>
          {facts.hazards.map((h) => (
            <p key={h}>{h}</p>
          ))}
        </Caution>
      )}
      <div className="mt-auto pt-3">
        <h2 className="mb-2 text-center text-lg">{TITLES[draft.step]}</h2>
        {draft.step === "rest" ? (
          <RestForm
            facts={facts}
            draft={draft}
            change={change}
            problems={problems}
            pictures={pictures}
            onPicture={(face, file) => setPictures((p) => ({ ...p, [face]: file }))}
            faults={[
              ...(failure?.faults ?? []),
              ...(photos.fault ? [{ message: say.recordedButAPhotographWas(photos.fault) }] : []),
            ]}
            busy={busy || photos.busy}
            onSubmit={submit}
          />
        ) : (
          <Question facts={facts} draft={draft} change={change} answer={answer} />
        )}
        <div className="mt-3 grid grid-cols-[1fr_2fr] gap-2">
          <button
            type="button"
            className={`btn h-14 ${at === 0 ? "invisible" : ""}`}
            onClick={() => change({ step: stepBefore(draft.step) })}
          >
            {say.back}
          </button>
          <button
            type="button"
            className={`btn h-14 ${draft.step === "rest" ? "invisible" : ""}`}
            onClick={() => answer({})}
          >
            {say.cantSayGoOn}
          </button>
        </div>
        {facts.last && (
          <p className="mt-2 text-sm" data-testid="last-look">
            {say.lastLook(day(facts.last.on, today), facts.last.words)}
          </p>
        )}
      </div>
    </div>
  );
}
