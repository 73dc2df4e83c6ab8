"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/plan/windows";
import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import { HEALTH_STATES, type HealthState, PRUNING_PURPOSES, type PruningPurpose } from "@/core/event/index";
import type { PartnerAdvice } from "@/core/species/index";
import { day, litres, percent, readNumber } from "@/words/format";
import { Form, FormFaults, Reasoned, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { HEALTH_WORDS, PRUNING_WORDS } from "@/words/terms";

interface Named {
  id: string;
  tag: string;
  name: string;
}

export interface CompanyFacts {
  treeId: string;
  tag: string;
  health: { state: HealthState; on: string | null };
  crop: boolean;
  partners: { need: PartnerAdvice["need"]; trees: Named[] };
  set: string | null;
  members: (Named & { fill: number; volumeL: number; due: string | null })[];
  together: { from: string; to: string } | null;
  others: Named[];
  anchored: { on: string; share: number; measured: boolean } | null;
  pruned: { on: string; how: "light" | "hard"; share: number | null; purpose: PruningPurpose | null } | null;
}

/** How it is, who it belongs with, who fertilises it, and what holds it in the ground. */
export function Company({ facts }: { facts: CompanyFacts }) {
  return (
    <section aria-labelledby="company" className="grid gap-x-8 gap-y-4 sm:grid-cols-2">
      <h2 id="company" className="sr-only">
        {say.itsHealthAndItsCompany}
      </h2>
      <Health facts={facts} />
      <MatchedSet facts={facts} />
      <Partner facts={facts} />
      <Ground facts={facts} />
    </section>
  );
}

function Health({ facts }: { facts: CompanyFacts }) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const health = useCommand("record-health");
  const pruning = useCommand("record-pruning");
  const [state, setState] = useState<HealthState>(facts.health.state);
  const [share, setShare] = useState("");
  const [how, setHow] = useState<"light" | "hard">("light");
  const [purpose, setPurpose] = useState<PruningPurpose>("shape");
  const saveHealth = async () => {
    const done = await health.send({ collectionId, treeId: facts.treeId, on: today, state });
    if (done) tell({ text: say.isRecordedAs(facts.tag, HEALTH_WORDS[state]), entryId: done.entryId });
  };
  const savePruning = async () => {
    const typed = share.trim() === "" ? null : readNumber(share);
    const done = await pruning.send({
      collectionId,
      treeId: facts.treeId,
      on: today,
      how,
      purpose,
      crownShare: typed === null ? null : typed / 100,
    });
    if (!done) return;
    setShare("");
    tell({ text: say.thePruningIsRecorded, entryId: done.entryId });
  };
  return (
    <div>
      <h3 className="text-lg font-medium">{say.howItIs}</h3>
      <p data-record="" data-testid="health">
        {HEALTH_WORDS[facts.health.state]}
        {facts.health.on && facts.health.state !== "well" ? say.since(day(facts.health.on)) : ""}
      </p>
      {facts.health.state !== "well" && <p className="text-sm">{say.nothingThatCostsItRoots}</p>}
      <Form className="mt-1 flex items-end gap-2" onSubmit={saveHealth}>
        <SelectField
          label={say.itIs}
          value={state}
          onChange={setState}
          fault={health.at("state")}
          options={HEALTH_STATES.map((s) => [s, HEALTH_WORDS[s]] as const)}
        />
        <button className="btn" disabled={health.busy || state === facts.health.state}>
          {common.save}
        </button>
      </Form>
      <FormFaults faults={unplaced(health.failure, ["state"])} />
      <h4 className="mt-3 font-medium">{say.itsCrown}</h4>
      <p className="text-sm" data-record="">
        {facts.pruned
          ? say.lastPruned(
              day(facts.pruned.on),
              facts.pruned.how === "hard" ? "hard" : "lightly",
              facts.pruned.share ? say.ofIt(percent(facts.pruned.share)) : "",
              facts.pruned.purpose ? say.forLabel(PRUNING_WORDS[facts.pruned.purpose]) : "",
            )
          : say.noPruningOnRecord}
      </p>
      <details>
        <summary className="link min-h-8 cursor-pointer content-center text-sm">{say.recordAPruning}</summary>
        <Form className="mt-1 grid grid-cols-2 gap-2" onSubmit={savePruning}>
          <SelectField
            label={say.cuts}
            value={how}
            onChange={setHow}
            fault={pruning.at("how")}
            options={[
              ["light", "light"],
              ["hard", say.hardIntoOldWood],
            ]}
          />
          <SelectField
            label={say.forWhat}
            value={purpose}
            onChange={setPurpose}
            fault={pruning.at("purpose")}
            options={PRUNING_PURPOSES.map((p) => [p, PRUNING_WORDS[p]] as const)}
          />
          <TextField
            label={say.shareOfTheCrown}
            value={share}
            onChange={setShare}
            fault={pruning.at("crownShare")}
            numeric
          />
          <button className="btn self-end" disabled={pruning.busy}>
            {common.save}
          </button>
        </Form>
        <FormFaults faults={unplaced(pruning.failure, ["how", "purpose", "crownShare"])} />
      </details>
    </div>
  );
}

function MatchedSet({ facts }: { facts: CompanyFacts }) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const match = useCommand("match-trees");
  const [set, setSet] = useState(facts.set ?? "");
  const [other, setOther] = useState(facts.others[0]?.id ?? "");
  const join = async () => {
    const done = await match.send({
      collectionId,
      treeIds: [facts.treeId, other],
      set: set.trim() === "" ? null : set,
    });
    if (done) tell({ text: say.theyBelongTogetherNow, entryId: done.entryId });
  };
  const leave = async () => {
    const done = await match.send({ collectionId, treeIds: [facts.treeId], set: null });
    if (done) tell({ text: say.standsForItselfNow(facts.tag), entryId: done.entryId });
  };
  const spread =
    facts.members.length > 1
      ? Math.max(...facts.members.map((m) => m.fill)) - Math.min(...facts.members.map((m) => m.fill))
      : 0;
  return (
    <div data-testid="set">
      <h3 className="text-lg font-medium">{say.matchedSet}</h3>
      {facts.set ? (
        <Reasoned reason={say.matchedTreesMoveTogetherOn}>
          <p>
            “{facts.set}”:{" "}
            {facts.members.map((m, i) => (
              <span key={m.id}>
                {i > 0 && ", "}
                <Link className="link" href={treeAt(collectionId, m.id)}>
                  {m.tag}
                </Link>
                {say.full(litres(m.volumeL, units), percent(m.fill))}
              </span>
            ))}
          </p>
          <p className="text-sm">
            {facts.together
              ? say.moveThemTogetherBetweenAnd(day(facts.together.from), day(facts.together.to))
              : say.noDayOpensForAll}{" "}
            {spread > 0.25 && say.theyHaveDriftedApartThe}
          </p>
        </Reasoned>
      ) : (
        <p className="text-sm">{say.standsForItself}</p>
      )}
      <details>
        <summary className="link min-h-8 cursor-pointer content-center text-sm">
          {facts.set ? say.changeTheSet : say.matchItWithAnother}
        </summary>
        <Form className="mt-1 space-y-2" onSubmit={join}>
          <TextField label={say.nameOfTheSet} value={set} onChange={setSet} fault={match.at("set")} />
          {facts.others.length > 0 && (
            <SelectField
              label={say.togetherWith}
              value={other}
              onChange={setOther}
              fault={match.at("treeIds")}
              options={facts.others.map((o) => [o.id, `${o.tag} · ${o.name}`] as const)}
            />
          )}
          <button className="btn" disabled={match.busy || set.trim() === "" || other === ""}>
            {common.save}
          </button>{" "}
          {facts.set && (
            <button type="button" className="btn" disabled={match.busy} onClick={() => void leave()}>
              {say.outOfTheSet}
            </button>
          )}
        </Form>
        <FormFaults faults={unplaced(match.failure, ["set", "treeIds"])} />
      </details>
    </div>
  );
}

const NEED_WORDS: Record<PartnerAdvice["need"], string> = {
  none: say.itSetsFruitByItself,
  helps: say.itSetsMoreFruitWith,
  needed: say.itBearsNothingWithoutA,
  "other-sex": say.femaleAndMaleFlowersGrow,
};

function Partner({ facts }: { facts: CompanyFacts }) {
  const { collectionId } = useAsOf();
  const { need, trees } = facts.partners;
  const missing = trees.length === 0 && (need === "needed" || need === "other-sex");
  return (
    <div data-testid="partner">
      <h3 className="text-lg font-medium">{say.partnerInFlower}</h3>
      <Reasoned reason={say.byTheSpeciesOwnWord}>
        <p className={missing ? "text-error font-medium" : ""}>
          {missing && facts.crop ? say.noPartnerStandsInThis : ""}
          {NEED_WORDS[need]}
        </p>
        {trees.length > 0 && (
          <p className="text-sm">
            {say.here}
            {trees.map((t, i) => (
              <span key={t.id}>
                {i > 0 && ", "}
                <Link className="link" href={treeAt(collectionId, t.id)}>
                  {t.tag}
                </Link>{" "}
                {t.name}
              </span>
            ))}
          </p>
        )}
      </Reasoned>
    </div>
  );
}

function Ground({ facts }: { facts: CompanyFacts }) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const anchor = useCommand("record-anchored");
  const set = async (anchored: boolean) => {
    const done = await anchor.send({ collectionId, treeId: facts.treeId, on: today, anchored });
    if (done)
      tell({
        text: anchored ? say.recordedRootedInTheGround : say.recordedFreeOfTheGround,
        entryId: done.entryId,
      });
  };
  return (
    <div data-testid="ground">
      <h3 className="text-lg font-medium">{say.inTheGroundBelow}</h3>
      {facts.anchored ? (
        <Reasoned
          reason={say.aCrownHeavierThanIts(
            facts.anchored.measured ? say.fromItsTrunkAndHeight : say.nobodyHasMeasuredTrunkAnd,
          )}
        >
          <p className="text-error font-medium">
            {say.rootedThroughItsPotSince(day(facts.anchored.on), percent(facts.anchored.share))}
          </p>
          <p className="text-sm">{say.severItInTheDormant}</p>
        </Reasoned>
      ) : (
        <p className="text-sm">{say.notThatAnyoneHasSaid}</p>
      )}
      <button
        type="button"
        className="btn btn-sm mt-1 min-h-11"
        disabled={anchor.busy}
        onClick={() => void set(facts.anchored === null)}
      >
        {facts.anchored ? say.itIsSeveredNow : say.itIsRootedInThe}
      </button>
      <FormFaults faults={unplaced(anchor.failure, [])} />
    </div>
  );
}
