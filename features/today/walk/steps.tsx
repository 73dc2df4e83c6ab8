"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/today/walk";
import type { FoundKind } from "@/contract/queries";
import { useState } from "react";
import { type Wall, WALLS } from "@/core/vessel/index";
import { readNumber, type Units } from "@/words/format";
import { Choice } from "@/ui/choice";
import { useAsOf } from "@/features/kernel/as-of";
import { useFoundKinds } from "@/features/trees/use-kind";
import { FEEL_WORDS, WALL_WORDS } from "@/words/terms";
import type { Walk, WalkProps } from "./use-walk";
import { SIZES } from "./sizes";

/** The question of the step at hand. */
export function StepQuestion({ walk, usual }: { walk: Walk; usual: WalkProps["usual"] }) {
  const { units } = useAsOf();
  const { draft, memory, known, picture, setPicture, change, onward } = walk;
  return (
    <>
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
    </>
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
          placeholder={say.anotherSpeciesChoice}
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
