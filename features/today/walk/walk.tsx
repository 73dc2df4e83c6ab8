"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/today/walk";
import type { FoundKind } from "@/contract/queries";
import { pageAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useEffect, useRef, useState } from "react";
import { litresFromRim, mixEstimate, type Wall, WALLS, USUAL_WALL } from "@/core/vessel/index";
import { litres, number, readNumber, type Units } from "@/words/format";
import { Choice } from "@/ui/choice";
import { restore } from "@/ui/device-memory";
import { FormFaults } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { usePhotoUpload } from "@/features/bench/notes/use-photo";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { useFoundKinds } from "@/features/trees/use-kind";
import { nextTag } from "@/features/trees/next-tag";
import { FEEL_WORDS, WALL_WORDS } from "@/words/terms";
import {
  freshDraft,
  remembered,
  stepAfter,
  WALK_STEPS,
  type WalkDraft,
  walkDraft,
  type WalkMemory,
  type WalkStep,
} from "./draft";

interface Props {
  /** Kinds of this collection, the commonest first. */
  usual: string[];
  trees: { id: string; tag: string; name: string }[];
  lastTag: string | null;
}

/** Usual sizes at a tap: centimetres, or inches in whole ones. */
const SIZES = {
  metric: {
    width: [14, 17, 20, 22, 25, 28, 30, 34, 38, 42, 50, 60],
    height: [12, 15, 18, 20, 22, 25, 28, 30, 34, 38, 42, 50],
    mm: 10,
    unit: "cm",
  },
  us: {
    width: [5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 20, 24],
    height: [5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 18, 20],
    mm: 25.4,
    unit: "in",
  },
} as const;

const TITLES: Record<WalkStep, string> = {
  tag: say.whatStandsOnItsTag,
  kind: "What is it?",
  width: say.howWideIsTheRim,
  height: say.howHighIsThePot,
  feel: say.howDoesTheBallFeel,
  photo: say.aPhotograph,
};

const emptyMemory: WalkMemory = { kinds: [], wall: USUAL_WALL, saved: 0 };

/** Tree after tree with one thumb: each is saved by itself, and the round can be left and taken up again at any step. */
export function Walk({ usual, trees, lastTag }: Props) {
  const { collectionId, today, units } = useAsOf();
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

  if (!draft) return <p className="py-10 text-center">…</p>;
  const known = trees.find((t) => t.tag.toLocaleLowerCase() === draft.tag.trim().toLocaleLowerCase());
  const go = (step: WalkStep) => change({ step });
  const onward = (part: Partial<WalkDraft>) => change({ ...part, step: stepAfter(draft.step, known !== undefined) });
  const pot =
    draft.widthMm !== null && draft.heightMm !== null
      ? {
          known: "outside" as const,
          shape: "round" as const,
          wall: draft.wall,
          outerWidthMm: draft.widthMm,
          outerHeightMm: draft.heightMm,
        }
      : draft.widthMm !== null
        ? { known: "about" as const, litres: litresFromRim("round", draft.widthMm, draft.wall), wall: draft.wall }
        : null;

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

  const faults = [...(problem ? [{ message: problem }] : []), ...((add.failure ?? measure.failure)?.faults ?? [])];
  const volume = pot ? mixEstimate(pot) : null;
  const size = SIZES[units];
  const shown = (mm: number) => `${number(mm / size.mm, 1)} ${size.unit}`;
  const summary: [WalkStep, string][] = [
    ["tag", draft.tag || "tag"],
    ["kind", known ? known.name : draft.kind || "kind"],
    ["width", draft.widthMm === null ? "width" : shown(draft.widthMm)],
    ["height", draft.heightMm === null ? "height" : shown(draft.heightMm)],
    ["feel", draft.feel === null ? "feel" : FEEL_WORDS[draft.feel - 1].name],
    ["photo", picture ? "photo ✓" : "photo"],
  ];

  return (
    <div className="mx-auto flex min-h-[calc(100dvh-9.5rem)] max-w-md flex-col">
      <div className="flex items-baseline gap-3">
        <h1 className="text-xl">{say.walkRound}</h1>
        <span className="text-sm">
          {memory.saved === 0 ? say.eachTreeIsSavedBy : say.savedOnThisDevice(memory.saved)}
        </span>
        <Link href={pageAt(collectionId, "trees")} className="link ml-auto flex min-h-11 items-center">
          {common.later}
        </Link>
      </div>
      <ol className="mt-2 grid grid-cols-3 gap-1" aria-label={say.thisTree}>
        {summary.map(([step, words]) => (
          <li key={step}>
            <button
              type="button"
              disabled={step === "kind" && known !== undefined}
              onClick={() => go(step)}
              aria-current={draft.step === step ? "step" : undefined}
              className={`rounded-field h-12 w-full truncate border px-2 text-sm ${draft.step === step ? "border-primary bg-base-200 font-semibold" : "border-base-300"}`}
            >
              {words}
            </button>
          </li>
        ))}
      </ol>
      {volume && (
        <p className="mt-2 text-center" aria-live="polite" data-testid="walk-volume">
          {say.about}
          <b>{litres(volume.p50, units)}</b>
          {say.ofMixBetweenAnd(litres(volume.p10, units), litres(volume.p90, units))}
        </p>
      )}
      {lost && (
        <p role="alert" className="text-error mt-2 font-semibold">
          {say.thePhotographOfCouldNot(lost.tag)}
          {photos.fault}{" "}
          <button
            type="button"
            className="btn btn-sm"
            onClick={() => void photos.upload(lost.treeId, today, lost.file).then((done) => done && setLost(null))}
          >
            {say.tryAgain}
          </button>
        </p>
      )}
      <div className="mt-auto pt-4">
        <h2 className="mb-3 text-center text-lg">{TITLES[draft.step]}</h2>
        <FormFaults faults={faults} />
        {draft.step === "tag" && (
          <TagStep tag={draft.tag} known={known?.name} onChange={(tag) => change({ tag })} onDone={() => onward({})} />
        )}
        {draft.step === "kind" && (
          <KindStep recent={[...memory.kinds, ...usual]} value={draft.kind} onPick={(kind) => onward({ kind })} />
        )}
        {(draft.step === "width" || draft.step === "height") && (
          <SizeStep
            key={draft.step}
            which={draft.step}
            units={units}
            valueMm={draft.step === "width" ? draft.widthMm : draft.heightMm}
            wall={draft.wall}
            onWall={(wall) => change({ wall })}
            onPick={(mm) => onward(draft.step === "width" ? { widthMm: mm } : { heightMm: mm })}
          />
        )}
        {draft.step === "feel" && (
          <div className="grid gap-2">
            {FEEL_WORDS.map((word, i) => (
              <Choice key={word.name} chosen={draft.feel === i + 1} onClick={() => onward({ feel: i + 1 })}>
                <b>{word.name}</b>
                <span className="text-sm">{word.what}</span>
              </Choice>
            ))}
            <Choice chosen={false} onClick={() => onward({ feel: null })}>
              {say.cantSay}
            </Choice>
          </div>
        )}
        {draft.step === "photo" && (
          <div className="grid gap-2">
            <label className="btn h-16 text-lg">
              {picture ? say.takeAnother : say.takeAPhotograph}
              <input
                type="file"
                accept="image/*"
                capture="environment"
                className="sr-only"
                onChange={(e) => setPicture(e.target.files?.[0] ?? null)}
              />
            </label>
          </div>
        )}
        <div className="mt-3 grid grid-cols-[1fr_2fr] gap-2">
          <button
            type="button"
            className={`btn h-16 ${draft.step === "tag" ? "invisible" : ""}`}
            onClick={() =>
              go(WALK_STEPS[Math.max(0, WALK_STEPS.indexOf(draft.step) - (known && draft.step === "width" ? 2 : 1))])
            }
          >
            {say.back}
          </button>
          {draft.step === "photo" ? (
            <button
              type="button"
              className="btn btn-primary h-16 text-lg"
              disabled={add.busy || measure.busy}
              onClick={() => void save()}
            >
              {add.busy || measure.busy ? common.saving : say.saveNextTree}
            </button>
          ) : (
            <button
              type="button"
              className={`btn h-16 ${draft.step === "kind" || draft.step === "tag" ? "invisible" : ""}`}
              onClick={() => onward({})}
            >
              {say.skip}
            </button>
          )}
        </div>
      </div>
    </div>
  );
}

function TagStep({
  tag,
  known,
  onChange,
  onDone,
}: {
  tag: string;
  known: string | undefined;
  onChange: (tag: string) => void;
  onDone: () => void;
}) {
  return (
    <form
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        if (tag.trim() !== "") onDone();
      }}
    >
      <input
        aria-label={common.tag}
        className="input h-16 w-full text-center text-2xl"
        value={tag}
        autoComplete="off"
        maxLength={40}
        onChange={(e) => onChange(e.target.value)}
      />
      <p className="my-2 min-h-6 text-center text-sm" aria-live="polite">
        {known ? say.onRecordAlreadyWhatYou(known) : ""}
      </p>
      <button type="submit" className="btn btn-primary h-16 w-full text-lg" disabled={tag.trim() === ""}>
        {known ? say.noteWhatISee : say.aNewTree}
      </button>
    </form>
  );
}

/** A name that means this species and no other: a genus by its scientific one, since a kind may bear its common one. */
const calledByItself = (kind: FoundKind) => (kind.rank === "genus" ? kind.scientific : kind.name);

function KindStep({ recent, value, onPick }: { recent: string[]; value: string; onPick: (kind: string) => void }) {
  const [text, setText] = useState("");
  const wanted = text.trim();
  const found = useFoundKinds(text);
  const exact = found.find((kind) => kind.exact);
  // Usual kinds fill up the grid until a round has kinds of its own.
  const offered = [...new Set(recent)].slice(0, 8);
  return (
    <div className="grid gap-2">
      <div className="grid grid-cols-2 gap-2">
        {(found.length > 0 ? found.map(calledByItself) : offered).map((name) => (
          <Choice key={name} chosen={value === name} onClick={() => onPick(name)}>
            <b className="line-clamp-2">{name}</b>
          </Choice>
        ))}
      </div>
      <form
        noValidate
        className="flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (wanted !== "") onPick(exact ? calledByItself(exact) : wanted);
        }}
      >
        <input
          aria-label={say.anotherSpecies}
          className="input h-14 w-full"
          placeholder={say.anotherSpecies2}
          value={text}
          autoComplete="off"
          maxLength={120}
          onChange={(e) => setText(e.target.value)}
        />
        <button type="submit" className="btn h-14" disabled={wanted === ""}>
          {exact === undefined && wanted !== "" ? say.asTyped : say.ok}
        </button>
      </form>
    </div>
  );
}

function SizeStep({
  which,
  units,
  valueMm,
  wall,
  onWall,
  onPick,
}: {
  which: "width" | "height";
  units: Units;
  valueMm: number | null;
  wall: Wall;
  onWall: (wall: Wall) => void;
  onPick: (mm: number) => void;
}) {
  const size = SIZES[units];
  const [text, setText] = useState("");
  const plain = readNumber(text, "plain");
  const typedMm = Number.isNaN(plain) ? readNumber(text, "mm") : plain * size.mm;
  const [fault, setFault] = useState<string | null>(null);
  return (
    <div className="grid gap-2">
      {which === "width" && (
        <select
          aria-label={say.wall}
          className="select h-12 w-full"
          value={wall}
          onChange={(e) => onWall(e.target.value as Wall)}
        >
          {WALLS.map((w) => (
            <option key={w} value={w}>
              {WALL_WORDS[w]}
            </option>
          ))}
        </select>
      )}
      <div className="grid grid-cols-4 gap-2">
        {size[which].map((n) => (
          <Choice key={n} chosen={valueMm === n * size.mm} onClick={() => onPick(n * size.mm)}>
            <b className="text-xl">{n}</b>
          </Choice>
        ))}
      </div>
      <form
        noValidate
        className="flex items-center gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (typedMm >= 40 && typedMm <= 4000) onPick(typedMm);
          else setFault(say.between4CmAnd4);
        }}
      >
        <input
          aria-label={which === "width" ? say.anotherWidth : say.anotherHeight}
          inputMode="decimal"
          className="input h-14 w-full"
          placeholder={say.anotherIn(size.unit)}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <button type="submit" className="btn h-14" disabled={text.trim() === ""}>
          {say.ok}
        </button>
      </form>
      {fault && (
        <p role="alert" className="text-error text-center font-semibold">
          {fault}
        </p>
      )}
    </div>
  );
}
