"use client";

import * as say from "@/words/pages/bench/roots";
import type { ReactNode } from "react";
import { FIRMNESSES, ROOT_COLOURS, type RootColour, SMELLS } from "@/core/roots/index";
import { Choice, Toggle } from "@/ui/choice";
import { millimetres } from "@/words/format";
import { RootFace } from "@/ui/root-face";
import { CIRCLING_GRADES, FILL_GRADES } from "@/words/terms";
import type { ReadingDraft } from "./reading-draft";
import { COLOUR_WORDS, FIRMNESS_WORDS, SMELL_WORDS } from "@/words/root-check";
import type { ReadingFacts } from "./reading-facts";
import { useAsOf } from "@/features/kernel/as-of";

const FLARES = [0, 20, 40, 60, 80];
const GRADES = [0, 1, 2, 3, 4];

interface Asked {
  facts: ReadingFacts;
  draft: ReadingDraft;
  /** Remembers a part of the reading. */
  change: (part: Partial<ReadingDraft>) => void;
  /** Remembers it and goes on. */
  answer: (part: Partial<ReadingDraft>) => void;
}

/** One question of the reading, answered by a tap on a picture or a word. */
export function Question({ facts, draft, change, answer }: Asked) {
  const { units } = useAsOf();
  return (
    <>
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
    </>
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
