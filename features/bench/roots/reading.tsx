"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/roots";
import { treeAt, photoAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { type ReactNode, useEffect, useRef, useState } from "react";
import {
  type Face,
  FACES,
  FIRMNESSES,
  MIX_STATES,
  ROOT_COLOURS,
  ROOT_SIGNS,
  type RootColour,
  SMELLS,
  THREADS,
} from "@/core/roots/index";
import { Choice, Toggle } from "@/ui/choice";
import { restore } from "@/ui/device-memory";
import { Caution, Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { day, millimetres } from "@/words/format";
import { RootFace } from "@/ui/root-face";
import { useCommand } from "@/features/kernel/use-command";
import { usePhotoUpload } from "../notes/use-photo";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { CIRCLING_GRADES, FILL_GRADES } from "@/words/terms";
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
import {
  COLOUR_WORDS,
  FACE_NAMES,
  FIRMNESS_WORDS,
  MIX_STATE_WORDS,
  SIGN_WORDS,
  SMELL_WORDS,
  THREAD_WORDS,
} from "@/words/root-check";
import { useRecordingDay } from "@/features/kernel/recording-day";

export interface ReadingFacts {
  treeId: string;
  tag: string;
  name: string;
  /** Colours besides white and tan that are healthy in this species. */
  colours: readonly RootColour[];
  hazards: readonly string[];
  grafted: boolean;
  /** Wet mass as it stands, and what to say of lifting it. */
  lift: string | null;
  photos: { id: string; face: Face; on: string }[];
  last: { on: string; words: string } | null;
}

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
const FLARES = [0, 20, 40, 60, 80];
const GRADES = [0, 1, 2, 3, 4];

/** A root ball read with one thumb: one question a screen, answered by a picture; eight taps from the pot to the record. */
export function RootReading({ facts }: { facts: ReadingFacts }) {
  const router = useRouter();
  const { collectionId, today, units } = useAsOf();
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
      <div className="flex items-baseline gap-3">
        <h1 className="text-xl">{say.rootsOf(facts.tag)}</h1>
        <span className="text-sm">{say.ofLabel(at + 1, READING_STEPS.length)}</span>
        <Link href={treeAt(collectionId, facts.treeId)} className="link ml-auto flex min-h-11 items-center">
          {common.later}
        </Link>
      </div>
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
        {draft.step === "side-fill" && (
          <Pictures
            words={FILL_GRADES}
            value={draft.sideFill}
            onPick={(sideFill) => answer({ sideFill })}
            draw={(g) => <RootFace face="side" fill={g} circling={draft.sideTurn ?? 0} />}
          />
        )}
        {draft.step === "side-turn" && (
          <Pictures
            words={CIRCLING_GRADES}
            value={draft.sideTurn}
            onPick={(sideTurn) => answer({ sideTurn })}
            draw={(g) => <RootFace face="side" fill={draft.sideFill ?? 2} circling={g} />}
          />
        )}
        {draft.step === "base" && (
          <Pictures
            words={CIRCLING_GRADES}
            value={draft.baseTurn}
            onPick={(baseTurn) => answer({ baseTurn })}
            draw={(g) => <RootFace face="base" fill={draft.sideFill ?? 2} circling={g} />}
          />
        )}
        {draft.step === "flare" && (
          <div className="grid gap-2">
            <div className="mx-auto w-40">
              <RootFace
                face="top"
                fill={draft.sideFill ?? 2}
                circling={draft.topTurn ?? 0}
                girdler={draft.girdler}
                flareHidden={(draft.flareMm ?? 0) > 0}
                label={say.theBallFromAboveWith}
              />
            </div>
            <Toggle on={draft.girdler} onToggle={(girdler) => change({ girdler })}>
              {say.aRootLiesAcrossThe}
            </Toggle>
            <div className="grid grid-cols-2 gap-2">
              {FLARES.map((mm) => (
                <Choice key={mm} chosen={draft.flareMm === mm} onClick={() => answer({ flareMm: mm })}>
                  <b>
                    {mm === 0
                      ? say.theFlareShows
                      : `${mm === 80 ? say.moreThan : "about "}${millimetres(mm === 80 ? 70 : mm, units)}`}
                  </b>
                  {mm > 0 && <span className="text-sm">{say.ofMixAboveIt}</span>}
                </Choice>
              ))}
              <Choice chosen={false} onClick={() => answer({ flareMm: null })}>
                {say.cantSay}
              </Choice>
            </div>
          </div>
        )}
        {draft.step === "colour" && (
          <>
            <p className="mb-2 text-center text-sm">{colourSentence(facts)}</p>
            <div className="grid grid-cols-2 gap-2">
              {ROOT_COLOURS.map((c) => (
                <Choice key={c} chosen={draft.colour === c} onClick={() => answer({ colour: c })}>
                  <span className="flex items-center gap-2">
                    <Swatch colour={c} />
                    <b>{COLOUR_WORDS[c]}</b>
                  </span>
                </Choice>
              ))}
            </div>
          </>
        )}
        {draft.step === "snap" && (
          <div className="grid gap-2">
            {FIRMNESSES.map((k) => (
              <Choice key={k} chosen={draft.firmness === k} onClick={() => answer({ firmness: k })}>
                <b>{FIRMNESS_WORDS[k].name}</b>
                <span className="text-sm">{FIRMNESS_WORDS[k].what}</span>
              </Choice>
            ))}
          </div>
        )}
        {draft.step === "smell" && (
          <div className="grid gap-2">
            {SMELLS.map((k) => (
              <Choice key={k} chosen={draft.smell === k} onClick={() => answer({ smell: k })}>
                <b>{SMELL_WORDS[k].name}</b>
                <span className="text-sm">{SMELL_WORDS[k].what}</span>
              </Choice>
            ))}
            <p className="text-center text-sm">{say.notTooCloseMixCan}</p>
          </div>
        )}
        {draft.step === "rest" && (
          <Form onSubmit={submit} className="space-y-3" label={say.whatElseWasSeen}>
            <div className="grid grid-cols-2 gap-2">
              <Toggle on={draft.throughHoles} onToggle={(throughHoles) => change({ throughHoles })}>
                {say.rootsOutOfTheHoles}
              </Toggle>
              <Toggle on={draft.anchored} onToggle={(anchored) => change({ anchored })}>
                {say.rootedInTheGround}
              </Toggle>
              {THREADS.filter((t) => t !== "none").map((t) => (
                <Toggle key={t} on={draft.threads === t} onToggle={(on) => change({ threads: on ? t : null })}>
                  {THREAD_WORDS[t][0].toUpperCase() + THREAD_WORDS[t].slice(1)}
                </Toggle>
              ))}
              {MIX_STATES.filter((m) => m !== "open").map((m) => (
                <Toggle key={m} on={draft.mix === m} onToggle={(on) => change({ mix: on ? m : null })}>
                  {say.mix(MIX_STATE_WORDS[m])}
                </Toggle>
              ))}
              {ROOT_SIGNS.map((s) => (
                <Toggle
                  key={s}
                  on={draft.signs.includes(s)}
                  onToggle={(on) => change({ signs: on ? [...draft.signs, s] : draft.signs.filter((x) => x !== s) })}
                >
                  {SIGN_WORDS[s][0].toUpperCase() + SIGN_WORDS[s].slice(1)}
                </Toggle>
              ))}
            </div>
            <details>
              <summary className="min-h-12 cursor-pointer content-center font-medium">
                {say.measuredPhotographed}
              </summary>
              <div className="grid grid-cols-2 gap-3">
                <TextField
                  label={say.rootsAlive}
                  numeric
                  value={draft.livePercent}
                  onChange={(livePercent) => change({ livePercent })}
                  fault={problems.livePercent}
                />
                {draft.girdler && (
                  <TextField
                    label={say.girthTheGirdlingRootServes}
                    numeric
                    value={draft.girdlerPercent}
                    onChange={(girdlerPercent) => change({ girdlerPercent })}
                    fault={problems.girdlerPercent}
                  />
                )}
                <TextField
                  label={say.thickestRootAtTheWall}
                  numeric
                  value={draft.thickestMm}
                  onChange={(thickestMm) => change({ thickestMm })}
                  fault={problems.thickestMm}
                />
                <TextField
                  label={say.trunkOffTheMiddleMm}
                  numeric
                  value={draft.offAxisMm}
                  onChange={(offAxisMm) => change({ offAxisMm })}
                  fault={problems.offAxisMm}
                />
                {facts.grafted && (
                  <TextField
                    label={say.graftAboveTheMixMm}
                    numeric
                    value={draft.unionMm}
                    onChange={(unionMm) => change({ unionMm })}
                    fault={problems.unionMm}
                  />
                )}
                <SelectField
                  label={say.circlingRootsSeenFromAbove}
                  value={draft.topTurn === null ? "" : String(draft.topTurn)}
                  onChange={(v) => change({ topTurn: v === "" ? null : Number(v) })}
                  options={[
                    ["", say.notLooked],
                    ...GRADES.map((g) => [String(g), `${g} ${CIRCLING_GRADES[g]}`] as const),
                  ]}
                />
              </div>
              <div className="mt-3 grid gap-3">
                {FACES.map((face) => (
                  <FacePhoto
                    key={face}
                    face={face}
                    file={pictures[face] ?? null}
                    before={facts.photos.filter((p) => p.face === face)[0] ?? null}
                    onFile={(file) => setPictures((p) => ({ ...p, [face]: file }))}
                  />
                ))}
              </div>
            </details>
            <FormFaults
              faults={[
                ...(failure?.faults ?? []),
                ...(photos.fault ? [{ message: say.recordedButAPhotographWas(photos.fault) }] : []),
              ]}
            />
            <button type="submit" className="btn btn-primary h-16 w-full text-lg" disabled={busy || photos.busy}>
              {busy || photos.busy ? common.recording : say.recordWhatISee}
            </button>
          </Form>
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

function colourSentence({ name, colours }: ReadingFacts): string {
  return colours.length > 0
    ? say.healthyInWhiteTanAnd(name.toLowerCase(), colours.map((c) => COLOUR_WORDS[c]).join(" or "))
    : say.healthyInWhiteToTan(name.toLowerCase());
}

const SWATCH: Record<RootColour, string> = {
  white: "#f7f1e0",
  tan: "#c9a878",
  brown: "#7a512f",
  black: "#26211c",
  yellow: "#d8b13c",
  orange: "#c9742a",
};
function Swatch({ colour }: { colour: RootColour }) {
  return (
    <svg viewBox="0 0 28 28" className="size-7" aria-hidden="true">
      <path d="M4 24C8 14 14 10 24 4" stroke="#2c2a22" strokeWidth="8" strokeLinecap="round" fill="none" />
      <path d="M4 24C8 14 14 10 24 4" stroke={SWATCH[colour]} strokeWidth="6" strokeLinecap="round" fill="none" />
    </svg>
  );
}

/** Five grades as pictures, each with its words. */
function Pictures({
  words,
  value,
  onPick,
  draw,
}: {
  words: readonly string[];
  value: number | null;
  onPick: (grade: number) => void;
  draw: (grade: number) => ReactNode;
}) {
  return (
    <div className="grid grid-cols-2 gap-2">
      {GRADES.map((g) => (
        <Choice
          key={g}
          chosen={value === g}
          onClick={() => onPick(g)}
          className={`py-1.5 ${g === 4 ? "col-span-2" : ""}`}
        >
          <span className="block w-24">{draw(g)}</span>
          <span className="mt-0.5 text-center text-sm leading-tight">
            <b>{g}</b> {words[g]}
          </span>
        </Choice>
      ))}
    </div>
  );
}

/** A photograph of one face beside the newest earlier one of the same face. */
function FacePhoto({
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
