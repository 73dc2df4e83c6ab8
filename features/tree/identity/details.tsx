"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/identity";
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
        <h1 className="text-2xl">{say.detailsOf(tree.tag)}</h1>
      </div>
      <Describe tree={tree} others={others} />
      {!tree.left && (
        <>
          <Part title={say.whereItStands}>
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
    if (Object.keys(changes).length === 0 && Object.keys(wrong).length === 0) wrong.form = say.nothingHasChanged;
    setProblems(wrong);
    const done = await send({ collectionId, treeId: tree.id, changes }, wrong);
    if (done) tell({ text: say.savedItsDatesAreCalculated(tree.tag), entryId: done.entryId });
  };

  return (
    <Part title={say.whoItIs}>
      <Form className="space-y-4" onSubmit={submit}>
        <div className="grid gap-4 sm:grid-cols-2">
          <div>
            <TextField label={common.tag} value={tag} onChange={setTag} fault={fault("tag")} />
            <label className="flex min-h-11 cursor-pointer items-center gap-2">
              <input type="checkbox" className="checkbox" checked={lost} onChange={(e) => setLost(e.target.checked)} />
              {say.itsTagIsLost}
            </label>
          </div>
          <KindField kind={kind} fault={fault("kindId") ?? fault("typedName")} />
          <TextField label={common.variety} value={cultivar} onChange={setCultivar} fault={fault("cultivar")} />
          <SelectField
            label={common.whatItIsFor}
            value={purpose}
            onChange={setPurpose}
            options={PURPOSES.map((p) => [p, PURPOSE_WORDS[p]] as const)}
          />
          <TextField
            label={common.rootstock}
            value={rootstock}
            onChange={setRootstock}
            fault={fault("rootstock")}
            hint={say.mayBeLearnedYearsLater}
          />
          <SelectField
            label={say.whatTheStockDoes}
            value={pace}
            onChange={setPace}
            options={[["", say.nobodyKnows] as const, ...STOCK_PACES.map((p) => [p, STOCK_WORDS[p]] as const)]}
            hint={say.changesThePaceItsRoots}
          />
          <TextField
            label={say.finalPotIfItHas}
            suffix={common.l}
            hint={say.litresOr1515Gal()}
            value={finalL}
            onChange={setFinalL}
            fault={fault("finalVolumeL")}
          />
        </div>
        <fieldset className="grid gap-4 sm:grid-cols-2">
          <legend className="mb-2 font-medium">{say.whereItComesFrom}</legend>
          <SelectField
            label={say.motherIfSheIsIn}
            value={mother}
            onChange={setMother}
            fault={fault("motherId")}
            options={[["", "—"] as const, ...others.map((t) => [t.id, `${t.tag} · ${t.name}`] as const)]}
          />
          <TextField label={say.motherOrSourceInWords} value={motherName} onChange={setMotherName} />
          <SelectField
            label={say.howItWasRaised}
            value={method}
            onChange={setMethod}
            options={[["", "—"] as const, ...METHODS.map((m) => [m, METHOD_WORDS[m]] as const)]}
          />
          <RoughDateField label={common.when} value={raisedOn} onChange={setRaisedOn} fault={fault("raisedOn")} />
        </fieldset>
        <FormFaults
          faults={[...(problems.form ? [{ message: problems.form }] : []), ...unplaced(failure, ["changes"])]}
        />
        <button type="submit" className="btn btn-primary" disabled={busy}>
          {busy ? say.keeping : say.keepTheseDetails}
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
    setProblem(Number.isInteger(n) && n >= 1 ? undefined : say.aWholeNumberOfPlants);
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
    tell({ text: say.isARecordOfIts(tag.trim()), entryId: done.entryId });
    router.push(treeAt(collectionId, childId.current));
  };
  return (
    <Part title={say.takeSomeOfThePlants(tree.plants)}>
      <Form className="flex flex-wrap items-end gap-3" onSubmit={submit}>
        <TextField
          className="w-28"
          label={say.plants}
          numeric
          value={count}
          onChange={setCount}
          fault={problem ?? at("count")}
        />
        <TextField className="w-48" label={say.theirTag} value={tag} onChange={setTag} fault={at("tag")} />
        <button type="submit" className="btn" disabled={busy || tag.trim() === ""}>
          {say.takeThemOut}
        </button>
        <FormFaults faults={unplaced(failure, ["count", "tag"])} />
      </Form>
      <p className="mt-2 text-sm">{say.theyKeepTheBatchsPast}</p>
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
    if (done) tell({ text: say.theyStandInOnePot, entryId: done.entryId });
  };
  return (
    <Part title={say.severalPlantsInItsPot}>
      {mates.length > 0 && <p className="mb-2">{say.itSharesItsPotWith(names)}</p>}
      <Form className="flex flex-wrap items-end gap-3" onSubmit={submit}>
        <SelectField
          className="basis-72"
          label={say.thisOneStandsInThe}
          value={other}
          onChange={setOther}
          options={[
            ["", "choose …"] as const,
            ...others.filter((t) => !mates.includes(t.id)).map((t) => [t.id, `${t.tag} · ${t.name}`] as const),
          ]}
        />
        <button type="submit" className="btn" disabled={busy || other === ""}>
          {say.theyShareThePot}
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
    tell({ text: say.twoRecordsHaveBecomeOne, entryId: done.entryId });
    router.push(treeAt(collectionId, tree.id));
  };
  return (
    <Part title={say.enteredTwice}>
      <Form className="flex flex-wrap items-end gap-3" onSubmit={submit}>
        <SelectField
          className="basis-72"
          label={say.thisRecordIsTheSame}
          value={other}
          onChange={setOther}
          options={[["", "choose …"] as const, ...others.map((t) => [t.id, `${t.tag} · ${t.name}`] as const)]}
        />
        <button type="submit" className="btn" disabled={busy || other === ""}>
          {say.mergeItInto(tree.tag)}
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
    else if (on.range === null) wrong.on = say.aYearOrASeason;
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
    tell({ text: say.itsHistoryStays(tree.tag, ENDING_WORDS[how]), entryId: done.entryId });
    router.push(treeAt(collectionId, tree.id));
  };
  return (
    <Part title={say.itHasLeft}>
      <Form className="space-y-3" onSubmit={submit}>
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField
            label={say.whatBecameOfIt}
            value={how}
            onChange={setHow}
            options={CHOSEN_ENDINGS.map((e) => [e, ENDING_WORDS[e]] as const)}
          />
          {how === "died" && (
            <SelectField
              label={common.ofWhat}
              value={cause}
              onChange={setCause}
              options={DEATH_CAUSES.map((c) => [c, CAUSE_WORDS[c]] as const)}
            />
          )}
          <RoughDateField needed label={common.when} value={when} onChange={setWhen} fault={problems.on ?? at("on")} />
          {tree.plants > 1 && (
            <TextField
              label={say.howManyOfThe(tree.plants)}
              numeric
              value={count}
              onChange={setCount}
              fault={problems.count ?? at("count")}
            />
          )}
          <TextField label={common.remark} value={note} onChange={setNote} fault={at("note")} />
        </div>
        <label className="flex min-h-11 cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={leaves}
            onChange={(e) => setPotLeaves(e.target.checked)}
          />
          {say.thePotGoesWithIt}
        </label>
        {how === "died" && (cause === "disease" || cause === "wet-roots" || cause === "pest") && !leaves && (
          <p className="text-sm">{say.scrubAndDisinfectThisPot}</p>
        )}
        <FormFaults faults={unplaced(failure, ["on", "count", "note"])} />
        <button type="submit" className="btn" disabled={busy}>
          {busy ? common.recording : say.recordThat(tree.tag, ENDING_WORDS[how])}
        </button>
      </Form>
    </Part>
  );
}
