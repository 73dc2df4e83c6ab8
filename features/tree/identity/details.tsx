"use client";

import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { type ReactNode, useRef, useState } from "react";
import {
  DEATH_CAUSES,
  type DeathCause,
  type Description,
  ENDINGS,
  METHODS,
  type Method,
  PURPOSES,
  type Purpose,
} from "@/core/event/index";
import { type Looks, STOCK_PACES, type StockPace } from "@/core/species/index";
import type { Habit } from "@/core/wood/index";
import { potSizeL } from "@/core/vessel/index";
import { readNumber } from "@/words/format";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { PlaceTrees } from "@/features/climate/places/place-trees";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { RoughDateField, useRoughDate } from "@/features/kernel/rough-date";
import type { TreeChoice } from "@/features/tree/history";
import { KindField } from "@/features/trees/kind-field";
import { useKind } from "@/features/trees/use-kind";
import { CAUSE_WORDS, ENDING_WORDS, METHOD_WORDS, PURPOSE_WORDS, STOCK_WORDS, tagName } from "@/words/terms";
import { potSizeWords } from "@/features/pots/pot-fields";

interface TreeDetails {
  id: string;
  tag: string;
  tagLost: boolean;
  name: string;
  kindText: string;
  habit: Habit | "unknown" | null;
  looks: Looks | null;
  cultivar: string;
  purpose: Purpose;
  finalVolumeL: number | null;
  rootstock: string;
  stockPace: StockPace | null;
  motherId: string | null;
  motherName: string;
  method: Method | null;
  raisedOn: string;
  placeId: string | null;
  plants: number;
  left: boolean;
  together: string[];
}

interface Props {
  tree: TreeDetails;
  places: { id: string; name: string }[];
  others: TreeChoice[];
}

/** A final pot as it stands in its field. */
const goalText = (litres: number | null) => (litres === null ? "" : String(Math.round(10 * litres) / 10));

/** Who a tree is: names, stock, mother, place; and what becomes of it. */
export function Details({ tree, places, others }: Props) {
  const { collectionId } = useAsOf();
  return (
    <div className="mx-auto max-w-3xl space-y-6">
      <div>
        <p className="text-sm">
          <Link className="link" href={treeAt(collectionId, tree.id)}>
            {tagName(tree)} · {tree.name}
          </Link>
        </p>
        <h1 className="text-2xl">Details of {tree.tag}</h1>
      </div>
      <Describe tree={tree} others={others} />
      {!tree.left && (
        <>
          <Part title="Where it stands">
            <PlaceTrees treeIds={[tree.id]} places={places} current={tree.placeId} />
          </Part>
          {tree.plants > 1 && <SplitBatch tree={tree} />}
          {tree.plants === 1 && others.length > 0 && <SharePot tree={tree} others={others} />}
          {others.length > 0 && <Merge tree={tree} others={others} />}
          <Ends tree={tree} />
        </>
      )}
    </div>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-base-300 rounded-box border p-4">
      <h2 className="mb-3 text-lg">{title}</h2>
      {children}
    </section>
  );
}

function Describe({ tree, others }: Omit<Props, "places">) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, within } = useCommand("describe-tree");
  const readDate = useRoughDate();
  const [tag, setTag] = useState(tree.tag);
  const [lost, setLost] = useState(tree.tagLost);
  const kind = useKind(tree.kindText, tree.habit ?? "unknown", tree.looks);
  const [cultivar, setCultivar] = useState(tree.cultivar);
  const [purpose, setPurpose] = useState(tree.purpose);
  const [finalL, setFinalL] = useState(goalText(tree.finalVolumeL));
  const [rootstock, setRootstock] = useState(tree.rootstock);
  const [pace, setPace] = useState<StockPace | "">(tree.stockPace ?? "");
  const [mother, setMother] = useState(tree.motherId ?? "");
  const [motherName, setMotherName] = useState(tree.motherName);
  const [method, setMethod] = useState<Method | "">(tree.method ?? "");
  const [raisedOn, setRaisedOn] = useState(tree.raisedOn);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const fault = within("changes", problems);

  const submit = async () => {
    const wrong: Record<string, string> = {};
    const changes: Description = {};
    if (lost && !tree.tagLost) changes.tag = null;
    if (!lost && (tag.trim() !== tree.tag || tree.tagLost)) changes.tag = tag.trim();
    // What stands there unchanged is the same kind, however many bear that name.
    if (kind.text.trim() !== tree.kindText || (tree.habit !== null && kind.habit !== tree.habit))
      Object.assign(changes, kind.fields);
    else if (JSON.stringify(kind.fields.looks) !== JSON.stringify(tree.looks)) changes.looks = kind.fields.looks;
    if (cultivar.trim() !== tree.cultivar) changes.cultivar = cultivar.trim() || null;
    if (purpose !== tree.purpose) changes.purpose = purpose;
    const goal = finalL.trim() === "" ? null : potSizeL(finalL);
    if (goal !== null && typeof goal === "object") wrong.finalVolumeL = potSizeWords(goal);
    else if (finalL !== goalText(tree.finalVolumeL)) changes.finalVolumeL = goal;
    if (rootstock.trim() !== tree.rootstock) changes.rootstock = rootstock.trim() || null;
    if ((pace || null) !== tree.stockPace) changes.stockPace = pace || null;
    if ((mother || null) !== tree.motherId) changes.motherId = mother || null;
    if (motherName.trim() !== tree.motherName) changes.motherName = motherName.trim() || null;
    if ((method || null) !== tree.method) changes.method = method || null;
    const raised = readDate(raisedOn);
    if (raised.fault) wrong.raisedOn = raised.fault;
    else if (raisedOn !== tree.raisedOn) changes.raisedOn = raised.range;
    if (Object.keys(changes).length === 0 && Object.keys(wrong).length === 0) wrong.form = "Nothing has changed.";
    setProblems(wrong);
    const done = await send({ collectionId, treeId: tree.id, changes }, wrong);
    if (done) tell({ text: `${tree.tag}: saved; its dates are calculated again.`, entryId: done.entryId });
  };

  return (
    <Part title="Who it is">
      <Form className="space-y-4" onSubmit={submit}>
        <div className="grid gap-4 sm:grid-cols-2">
          <div>
            <TextField label="Tag" value={tag} onChange={setTag} fault={fault("tag")} />
            <label className="flex min-h-11 cursor-pointer items-center gap-2">
              <input type="checkbox" className="checkbox" checked={lost} onChange={(e) => setLost(e.target.checked)} />
              its tag is lost
            </label>
          </div>
          <KindField kind={kind} fault={fault("kindId") ?? fault("typedName")} />
          <TextField label="Variety" value={cultivar} onChange={setCultivar} fault={fault("cultivar")} />
          <SelectField
            label="What it is for"
            value={purpose}
            onChange={setPurpose}
            options={PURPOSES.map((p) => [p, PURPOSE_WORDS[p]] as const)}
          />
          <TextField
            label="Rootstock"
            value={rootstock}
            onChange={setRootstock}
            fault={fault("rootstock")}
            hint="may be learned years later"
          />
          <SelectField
            label="What the stock does"
            value={pace}
            onChange={setPace}
            options={[["", "nobody knows"] as const, ...STOCK_PACES.map((p) => [p, STOCK_WORDS[p]] as const)]}
            hint="changes the pace its roots are expected to fill a pot at"
          />
          <TextField
            label="Final pot, if it has one"
            suffix="L"
            hint="litres, or #15, 15 gal"
            value={finalL}
            onChange={setFinalL}
            fault={fault("finalVolumeL")}
          />
        </div>
        <fieldset className="grid gap-4 sm:grid-cols-2">
          <legend className="mb-2 font-medium">Where it comes from</legend>
          <SelectField
            label="Mother, if she is in this collection"
            value={mother}
            onChange={setMother}
            fault={fault("motherId")}
            options={[["", "—"] as const, ...others.map((t) => [t.id, `${t.tag} · ${t.name}`] as const)]}
          />
          <TextField label="Mother or source, in words" value={motherName} onChange={setMotherName} />
          <SelectField
            label="How it was raised"
            value={method}
            onChange={setMethod}
            options={[["", "—"] as const, ...METHODS.map((m) => [m, METHOD_WORDS[m]] as const)]}
          />
          <RoughDateField label="When" value={raisedOn} onChange={setRaisedOn} fault={fault("raisedOn")} />
        </fieldset>
        <FormFaults
          faults={[...(problems.form ? [{ message: problems.form }] : []), ...unplaced(failure, ["changes"])]}
        />
        <button type="submit" className="btn btn-primary" disabled={busy}>
          {busy ? "Keeping …" : "Keep these details"}
        </button>
      </Form>
    </Part>
  );
}

function SplitBatch({ tree }: { tree: TreeDetails }) {
  const router = useRouter();
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("split-batch");
  const childId = useRef<string | null>(null);
  const [tag, setTag] = useState("");
  const [count, setCount] = useState("1");
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const submit = async () => {
    const n = readNumber(count);
    setProblem(Number.isInteger(n) && n >= 1 ? undefined : "A whole number of plants, at least one.");
    if (!Number.isInteger(n) || n < 1) return;
    childId.current ??= crypto.randomUUID();
    const done = await send({
      collectionId,
      treeId: tree.id,
      childId: childId.current,
      tag,
      count: n,
      on: today,
    });
    if (!done) return;
    tell({ text: `${tag.trim()} is a record of its own now.`, entryId: done.entryId });
    router.push(treeAt(collectionId, childId.current));
  };
  return (
    <Part title={`Take some of the ${tree.plants} plants out of the batch`}>
      <Form className="flex flex-wrap items-end gap-3" onSubmit={submit}>
        <TextField
          className="w-28"
          label="Plants"
          numeric
          value={count}
          onChange={setCount}
          fault={problem ?? at("count")}
        />
        <TextField className="w-48" label="Their tag" value={tag} onChange={setTag} fault={at("tag")} />
        <button type="submit" className="btn" disabled={busy || tag.trim() === ""}>
          Take them out
        </button>
        <FormFaults faults={unplaced(failure, ["count", "tag"])} />
      </Form>
      <p className="mt-2 text-sm">They keep the batch’s past and go their own way from today.</p>
    </Part>
  );
}

function SharePot({ tree, others }: { tree: TreeDetails; others: TreeChoice[] }) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("join-pot");
  const [other, setOther] = useState("");
  const mates = tree.together.filter((id) => id !== tree.id);
  const names = mates.map((id) => others.find((t) => t.id === id)?.tag ?? "another").join(", ");
  const submit = async () => {
    const done = await send({
      collectionId,
      treeId: tree.id,
      withIds: [other],
      on: today,
    });
    if (done) tell({ text: "They stand in one pot now, each with its share of the mix.", entryId: done.entryId });
  };
  return (
    <Part title="Several plants in its pot">
      {mates.length > 0 && (
        <p className="mb-2">
          It shares its pot with {names}. To part them, record the potting of the one that leaves: the roots are washed
          or shaken apart, and the others keep the pot.
        </p>
      )}
      <Form className="flex flex-wrap items-end gap-3" onSubmit={submit}>
        <SelectField
          className="basis-72"
          label="This one stands in the same pot"
          value={other}
          onChange={setOther}
          options={[
            ["", "choose …"] as const,
            ...others.filter((t) => !mates.includes(t.id)).map((t) => [t.id, `${t.tag} · ${t.name}`] as const),
          ]}
        />
        <button type="submit" className="btn" disabled={busy || other === ""}>
          They share the pot
        </button>
        <FormFaults faults={failure?.faults ?? []} />
      </Form>
    </Part>
  );
}

function Merge({ tree, others }: { tree: TreeDetails; others: TreeChoice[] }) {
  const router = useRouter();
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("merge-trees");
  const [other, setOther] = useState("");
  const submit = async () => {
    const done = await send({ collectionId, keepId: tree.id, dropId: other });
    if (!done) return;
    tell({ text: "Two records have become one.", entryId: done.entryId });
    router.push(treeAt(collectionId, tree.id));
  };
  return (
    <Part title="Entered twice?">
      <Form className="flex flex-wrap items-end gap-3" onSubmit={submit}>
        <SelectField
          className="basis-72"
          label="This record is the same tree"
          value={other}
          onChange={setOther}
          options={[["", "choose …"] as const, ...others.map((t) => [t.id, `${t.tag} · ${t.name}`] as const)]}
        />
        <button type="submit" className="btn" disabled={busy || other === ""}>
          Merge it into {tree.tag}
        </button>
        <FormFaults faults={failure?.faults ?? []} />
      </Form>
    </Part>
  );
}

/** Ways a tree leaves that a grower chooses from: a second record is merged, not ended. */
const CHOSEN_ENDINGS = ENDINGS.filter((e) => e !== "merged");

function Ends({ tree }: { tree: TreeDetails }) {
  const router = useRouter();
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("end-tree");
  const readDate = useRoughDate();
  const [how, setHow] = useState<(typeof CHOSEN_ENDINGS)[number]>("died");
  const [cause, setCause] = useState<DeathCause>("unknown");
  const [when, setWhen] = useState("today");
  const [count, setCount] = useState(String(tree.plants));
  // A tree that is sold or given goes with its pot; from one that died or was planted out the pot comes back.
  const [potLeaves, setPotLeaves] = useState<boolean | null>(null);
  const [note, setNote] = useState("");
  const [problems, setProblems] = useState<Record<string, string>>({});
  const leaves = potLeaves ?? (how === "sold" || how === "given" || how === "lost");
  const submit = async () => {
    const wrong: Record<string, string> = {};
    const on = readDate(when);
    if (on.fault) wrong.on = on.fault;
    else if (on.range === null) wrong.on = "A year or a season is enough.";
    const n = readNumber(count);
    setProblems(wrong);
    const done = await send(
      {
        collectionId,
        treeId: tree.id,
        on: on.range ?? "",
        how,
        count: n,
        cause: how === "died" ? cause : null,
        potLeaves: leaves,
        note,
      },
      wrong,
    );
    if (!done) return;
    tell({ text: `${tree.tag}: ${ENDING_WORDS[how]}. Its history stays.`, entryId: done.entryId });
    router.push(treeAt(collectionId, tree.id));
  };
  return (
    <Part title="It has left">
      <Form className="space-y-3" onSubmit={submit}>
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField
            label="What became of it"
            value={how}
            onChange={setHow}
            options={CHOSEN_ENDINGS.map((e) => [e, ENDING_WORDS[e]] as const)}
          />
          {how === "died" && (
            <SelectField
              label="Of what"
              value={cause}
              onChange={setCause}
              options={DEATH_CAUSES.map((c) => [c, CAUSE_WORDS[c]] as const)}
            />
          )}
          <RoughDateField needed label="When" value={when} onChange={setWhen} fault={problems.on ?? at("on")} />
          {tree.plants > 1 && (
            <TextField
              label={`How many of the ${tree.plants}`}
              numeric
              value={count}
              onChange={setCount}
              fault={problems.count ?? at("count")}
            />
          )}
          <TextField label="Remark" value={note} onChange={setNote} fault={at("note")} />
        </div>
        <label className="flex min-h-11 cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={leaves}
            onChange={(e) => setPotLeaves(e.target.checked)}
          />
          the pot goes with it
        </label>
        {how === "died" && (cause === "disease" || cause === "wet-roots" || cause === "pest") && !leaves && (
          <p className="text-sm">Scrub and disinfect this pot before it is used again, and discard its mix.</p>
        )}
        <FormFaults faults={unplaced(failure, ["on", "count", "note"])} />
        <button type="submit" className="btn" disabled={busy}>
          {busy ? "Recording …" : `Record that ${tree.tag} ${ENDING_WORDS[how]}`}
        </button>
      </Form>
    </Part>
  );
}
