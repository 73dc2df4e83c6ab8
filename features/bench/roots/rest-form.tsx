"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/roots";
import { type Face, FACES, MIX_STATES, ROOT_SIGNS, THREADS } from "@/core/roots/index";
import { Toggle } from "@/ui/choice";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { CIRCLING_GRADES } from "@/words/terms";
import type { ReadingDraft } from "./reading-draft";
import { MIX_STATE_WORDS, SIGN_WORDS, THREAD_WORDS } from "@/words/root-check";
import { FacePhoto } from "./face-photo";
import type { ReadingFacts } from "./reading-facts";

const GRADES = [0, 1, 2, 3, 4];

/** What else was seen and measured, and the button that records the whole reading. */
export function RestForm({
  facts,
  draft,
  change,
  problems,
  pictures,
  onPicture,
  faults,
  busy,
  onSubmit,
}: {
  facts: ReadingFacts;
  draft: ReadingDraft;
  change: (part: Partial<ReadingDraft>) => void;
  problems: Readonly<Record<string, string>>;
  pictures: Partial<Record<Face, File>>;
  onPicture: (face: Face, file: File) => void;
  faults: readonly { message: string }[];
  busy: boolean;
  onSubmit: () => Promise<void>;
}) {
  return (
    <Form onSubmit={onSubmit} className="space-y-3" label={say.whatElseWasSeen}>
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
        <summary className="min-h-12 cursor-pointer content-center font-medium">{say.measuredPhotographed}</summary>
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
            options={[["", say.notLooked], ...GRADES.map((g) => [String(g), `${g} ${CIRCLING_GRADES[g]}`] as const)]}
          />
        </div>
        <div className="mt-3 grid gap-3">
          {FACES.map((face) => (
            <FacePhoto
              key={face}
              face={face}
              file={pictures[face] ?? null}
              before={facts.photos.filter((p) => p.face === face)[0] ?? null}
              onFile={(file) => onPicture(face, file)}
            />
          ))}
        </div>
      </details>
      <FormFaults faults={faults} />
      <button type="submit" className="btn btn-primary h-16 w-full text-lg" disabled={busy}>
        {busy ? common.recording : say.recordWhatISee}
      </button>
    </Form>
  );
}
