"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/wood";
import { useState } from "react";
import { BENDS, type Bend, FEED_FORMS, type FeedForm as Form_, LEAF_FALLS, type LeafFall } from "@/core/wood/index";
import { parseIso, toDay } from "@/core/dates/index";
import { feedRemarks } from "@/core/suits/index";
import { readNumber } from "@/words/format";
import { FEED_REMARK_WORDS } from "@/words/suits";
import type { WoodPicture } from "./picture";
import { Caution, Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { DayField } from "@/features/kernel/rough-date";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { BEND_WORDS, FEED_WORDS, LEAF_FALL_WORDS } from "@/words/terms";
import { useRecordingDay } from "@/features/kernel/recording-day";

const NOT_LOOKED = "";

/** A look at this season's shoots: bend one, look at its end. Each thing seen moves the pace of this tree's wood. */
export function WoodCheckForm({ treeId, tag, onDone }: { treeId: string; tag: string; onDone?: () => void }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-wood");
  const date = useRecordingDay();
  const [bend, setBend] = useState<Bend | "">(NOT_LOOKED);
  const [bud, setBud] = useState<"" | "yes" | "no">(NOT_LOOKED);
  const [leaves, setLeaves] = useState<LeafFall | "">(NOT_LOOKED);
  const [woody, setWoody] = useState("");
  const [bbch, setBbch] = useState("");
  const [problem, setProblem] = useState<Record<string, string>>({});

  const submit = async () => {
    const wrong: Record<string, string> = {};
    const share = woody.trim() === "" ? null : readNumber(woody) / 100;
    if (share !== null && !(share >= 0 && share <= 1)) wrong.woodyShare = say.aShareBetween0And;
    const stage = bbch.trim() === "" ? null : readNumber(bbch.replace(/^bbch\s*/i, ""));
    if (stage !== null && !Number.isInteger(stage)) wrong.bbch = say.aStageOfTwoDigits;
    setProblem(wrong);
    if (Object.keys(wrong).length > 0) return;
    const done = await send({
      collectionId,
      treeId,
      on: date.value,
      woodyShare: share,
      bend: bend === "" ? null : bend,
      terminalBud: bud === "" ? null : bud === "yes",
      leafFall: leaves === "" ? null : leaves,
      bbch: stage,
    });
    if (!done) return;
    tell({ text: say.itsWoodGoesByWhat(tag), entryId: done.entryId });
    setBend("");
    setBud("");
    setLeaves("");
    setWoody("");
    setBbch("");
    date.set(null);
    onDone?.();
  };
  return (
    <section aria-label={say.lookAtTheWood} id="look">
      <h2 className="text-lg">{say.lookAtTheWoodOf(tag)}</h2>
      <p className="text-sm">{say.takeAShootOfThis}</p>
      <Form className="mt-2 space-y-3" label={say.lookAtTheWood} onSubmit={submit}>
        <SelectField
          label={say.bentRoundAFinger}
          value={bend}
          onChange={setBend}
          fault={at("bend")}
          options={[["", say.notTried], ...BENDS.map((b) => [b, BEND_WORDS[b]] as const)]}
        />
        <SelectField
          label={say.aFormedBudAtIts}
          value={bud}
          onChange={setBud}
          options={[
            ["", say.notLookedAt],
            ["yes", say.yesFormed],
            ["no", say.noStillGrowing],
          ]}
        />
        <TextField
          label={say.woodyShareOfTheShoot}
          numeric
          suffix="%"
          value={woody}
          onChange={setWoody}
          fault={problem.woodyShare ?? at("woodyShare")}
          hint={say.brownAndFirmFromIts}
        />
        <SelectField
          label={say.leaves}
          value={leaves}
          onChange={setLeaves}
          options={[["", say.notLookedAt], ...LEAF_FALLS.map((l) => [l, LEAF_FALL_WORDS[l]] as const)]}
        />
        <TextField
          label={say.orABbchStage}
          numeric
          value={bbch}
          onChange={setBbch}
          fault={problem.bbch ?? at("bbch")}
          hint={say.n91EndBudFormed93}
        />
        <DayField label={say.seenOn} value={date.value} onChange={date.set} fault={at("on")} />
        <FormFaults faults={unplaced(failure, ["bend", "woodyShare", "bbch", "on"])} />
        <button type="submit" className="btn btn-primary" disabled={busy}>
          {busy ? common.recording : say.recordWhatISaw}
        </button>
      </Form>
    </section>
  );
}

/** A feed of the stores with the phosphate on its label, %; null where nobody wrote it down. */
export interface StoredFeed {
  name: string;
  phosphatePercent: number | null;
}

/** Of a feed that is called as it is in the stores; null: not known. */
const phosphateOf = (what: string, feeds: readonly StoredFeed[]) =>
  feeds.find(({ name }) => name.toLocaleLowerCase() === what.trim().toLocaleLowerCase())?.phosphatePercent ?? null;

/** Nitrogen given: late in the season it holds growth open. */
export function FeedForm({
  treeId,
  tag,
  fed,
  feeds,
}: {
  treeId: string;
  tag: string;
  fed: WoodPicture["fed"];
  feeds: readonly StoredFeed[];
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-feed");
  const date = useRecordingDay();
  const [form, setForm] = useState<Form_>("quick");
  const [strength, setStrength] = useState("100");
  const [what, setWhat] = useState("");
  const day = parseIso(date.value);
  const share = readNumber(strength) / 100;
  const remarks =
    day === null || !(share > 0)
      ? []
      : feedRemarks(fed, {
          daysAfterMidsummer: toDay(date.value) - toDay(fed.midsummer),
          strength: share,
          phosphatePercent: phosphateOf(what, feeds),
        });
  const submit = async () => {
    const done = await send({
      collectionId,
      treeIds: [treeId],
      on: date.value,
      form,
      strength: readNumber(strength) / 100,
      what,
    });
    if (!done) return;
    tell({ text: `${tag}: fed.`, entryId: done.entryId });
    setWhat("");
    date.set(null);
  };
  return (
    <details>
      <summary className="cursor-pointer text-lg">{say.fedItWithNitrogen}</summary>
      <Form className="mt-2 space-y-3" label={say.feed} onSubmit={submit}>
        <SelectField
          label={say.typeOfFeed}
          value={form}
          onChange={setForm}
          options={FEED_FORMS.map((f) => [f, FEED_WORDS[f]] as const)}
        />
        <TextField
          label={say.shareOfAFullDose}
          numeric
          suffix="%"
          value={strength}
          onChange={setStrength}
          fault={at("strength")}
        />
        <TextField
          label={say.whatItWas}
          value={what}
          onChange={setWhat}
          fault={at("what")}
          hint={feeds.length === 0 ? undefined : say.inStore(feeds.map((f) => f.name).join(", "))}
        />
        <DayField label={say.fedOn} value={date.value} onChange={date.set} fault={at("on")} />
        <FormFaults faults={unplaced(failure, ["strength", "what", "on"])} />
        {remarks.length > 0 && (
          <Caution>
            {remarks.map((remark) => (
              <p key={remark}>{FEED_REMARK_WORDS[remark]}</p>
            ))}
          </Caution>
        )}
        <button type="submit" className="btn" disabled={busy}>
          {say.recordTheFeed}
        </button>
      </Form>
    </details>
  );
}

export function PruneForm({ treeId, tag }: { treeId: string; tag: string }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-pruning");
  const date = useRecordingDay();
  const [how, setHow] = useState<"light" | "hard">("light");
  const submit = async () => {
    const done = await send({ collectionId, treeId, on: date.value, how });
    if (!done) return;
    tell({ text: `${tag}: pruned.`, entryId: done.entryId });
    date.set(null);
  };
  return (
    <details>
      <summary className="cursor-pointer text-lg">{say.prunedIt}</summary>
      <Form className="mt-2 space-y-3" label={say.pruning} onSubmit={submit}>
        <SelectField
          label={say.howMuch}
          value={how}
          onChange={setHow}
          options={[
            ["light", say.lightlyTipsAndDeadWood],
            ["hard", say.hardItWillPushNew],
          ]}
        />
        <DayField label={say.prunedOn} value={date.value} onChange={date.set} fault={at("on")} />
        <FormFaults faults={unplaced(failure, ["on"])} />
        <button type="submit" className="btn" disabled={busy}>
          {say.recordThePruning}
        </button>
      </Form>
    </details>
  );
}
