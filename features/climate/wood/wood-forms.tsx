"use client";

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
    if (share !== null && !(share >= 0 && share <= 1)) wrong.woodyShare = "A share between 0 and 100 %.";
    const stage = bbch.trim() === "" ? null : readNumber(bbch.replace(/^bbch\s*/i, ""));
    if (stage !== null && !Number.isInteger(stage)) wrong.bbch = "A stage of two digits: 91, 93, 95 or 97.";
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
    tell({ text: `${tag}: its wood goes by what you saw now.`, entryId: done.entryId });
    setBend("");
    setBud("");
    setLeaves("");
    setWoody("");
    setBbch("");
    date.set(null);
    onDone?.();
  };
  return (
    <section aria-label="Look at the wood" id="look">
      <h2 className="text-lg">Look at the wood of {tag}</h2>
      <p className="text-sm">
        Take a shoot of this season near its end and bend it round a finger. Say what you saw; leave the rest.
      </p>
      <Form className="mt-2 space-y-3" label="Look at the wood" onSubmit={submit}>
        <SelectField
          label="Bent round a finger"
          value={bend}
          onChange={setBend}
          fault={at("bend")}
          options={[["", "not tried"], ...BENDS.map((b) => [b, BEND_WORDS[b]] as const)]}
        />
        <SelectField
          label="A formed bud at its end"
          value={bud}
          onChange={setBud}
          options={[
            ["", "not looked at"],
            ["yes", "Yes, formed"],
            ["no", "No, still growing"],
          ]}
        />
        <TextField
          label="Woody share of the shoot"
          numeric
          suffix="%"
          value={woody}
          onChange={setWoody}
          fault={problem.woodyShare ?? at("woodyShare")}
          hint="brown and firm, from its base"
        />
        <SelectField
          label="Leaves"
          value={leaves}
          onChange={setLeaves}
          options={[["", "not looked at"], ...LEAF_FALLS.map((l) => [l, LEAF_FALL_WORDS[l]] as const)]}
        />
        <TextField
          label="Or a BBCH stage"
          numeric
          value={bbch}
          onChange={setBbch}
          fault={problem.bbch ?? at("bbch")}
          hint="91 end bud formed, 93 leaves begin to fall, 95 half, 97 all"
        />
        <DayField label="Seen on" value={date.value} onChange={date.set} fault={at("on")} />
        <FormFaults faults={unplaced(failure, ["bend", "woodyShare", "bbch", "on"])} />
        <button type="submit" className="btn btn-primary" disabled={busy}>
          {busy ? "Recording …" : "Record what I saw"}
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
      <summary className="cursor-pointer text-lg">Fed it with nitrogen</summary>
      <Form className="mt-2 space-y-3" label="Feed" onSubmit={submit}>
        <SelectField
          label="Type of feed"
          value={form}
          onChange={setForm}
          options={FEED_FORMS.map((f) => [f, FEED_WORDS[f]] as const)}
        />
        <TextField
          label="Share of a full dose"
          numeric
          suffix="%"
          value={strength}
          onChange={setStrength}
          fault={at("strength")}
        />
        <TextField
          label="What it was"
          value={what}
          onChange={setWhat}
          fault={at("what")}
          hint={feeds.length === 0 ? undefined : `in store: ${feeds.map((f) => f.name).join(", ")}`}
        />
        <DayField label="Fed on" value={date.value} onChange={date.set} fault={at("on")} />
        <FormFaults faults={unplaced(failure, ["strength", "what", "on"])} />
        {remarks.length > 0 && (
          <Caution>
            {remarks.map((remark) => (
              <p key={remark}>{FEED_REMARK_WORDS[remark]}</p>
            ))}
          </Caution>
        )}
        <button type="submit" className="btn" disabled={busy}>
          Record the feed
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
      <summary className="cursor-pointer text-lg">Pruned it</summary>
      <Form className="mt-2 space-y-3" label="Pruning" onSubmit={submit}>
        <SelectField
          label="How much"
          value={how}
          onChange={setHow}
          options={[
            ["light", "Lightly: tips and dead wood"],
            ["hard", "Hard: it will push new shoots"],
          ]}
        />
        <DayField label="Pruned on" value={date.value} onChange={date.set} fault={at("on")} />
        <FormFaults faults={unplaced(failure, ["on"])} />
        <button type="submit" className="btn" disabled={busy}>
          Record the pruning
        </button>
      </Form>
    </details>
  );
}
