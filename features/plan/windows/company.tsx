"use client";

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
        Its health and its company
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
    if (done) tell({ text: `${facts.tag} is recorded as ${HEALTH_WORDS[state]}.`, entryId: done.entryId });
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
    tell({ text: "The pruning is recorded.", entryId: done.entryId });
  };
  return (
    <div>
      <h3 className="text-lg font-medium">How it is</h3>
      <p data-record="" data-testid="health">
        {HEALTH_WORDS[facts.health.state]}
        {facts.health.on && facts.health.state !== "well" ? `, since ${day(facts.health.on)}` : ""}
      </p>
      {facts.health.state !== "well" && <p className="text-sm">Nothing that costs it roots until it is well again.</p>}
      <Form className="mt-1 flex items-end gap-2" onSubmit={saveHealth}>
        <SelectField
          label="It is"
          value={state}
          onChange={setState}
          fault={health.at("state")}
          options={HEALTH_STATES.map((s) => [s, HEALTH_WORDS[s]] as const)}
        />
        <button className="btn" disabled={health.busy || state === facts.health.state}>
          Save
        </button>
      </Form>
      <FormFaults faults={unplaced(health.failure, ["state"])} />
      <h4 className="mt-3 font-medium">Its crown</h4>
      <p className="text-sm" data-record="">
        {facts.pruned
          ? `Last pruned ${day(facts.pruned.on)}, ${facts.pruned.how === "hard" ? "hard" : "lightly"}${facts.pruned.share ? `, ${percent(facts.pruned.share)} of it` : ""}${facts.pruned.purpose ? `, for ${PRUNING_WORDS[facts.pruned.purpose]}` : ""}.`
          : "No pruning on record."}
      </p>
      <details>
        <summary className="link min-h-8 cursor-pointer content-center text-sm">Record a pruning</summary>
        <Form className="mt-1 grid grid-cols-2 gap-2" onSubmit={savePruning}>
          <SelectField
            label="Cuts"
            value={how}
            onChange={setHow}
            fault={pruning.at("how")}
            options={[
              ["light", "light"],
              ["hard", "hard, into old wood"],
            ]}
          />
          <SelectField
            label="For"
            value={purpose}
            onChange={setPurpose}
            fault={pruning.at("purpose")}
            options={PRUNING_PURPOSES.map((p) => [p, PRUNING_WORDS[p]] as const)}
          />
          <TextField
            label="Share of the crown, %"
            value={share}
            onChange={setShare}
            fault={pruning.at("crownShare")}
            numeric
          />
          <button className="btn self-end" disabled={pruning.busy}>
            Save
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
    if (done) tell({ text: "They belong together now.", entryId: done.entryId });
  };
  const leave = async () => {
    const done = await match.send({ collectionId, treeIds: [facts.treeId], set: null });
    if (done) tell({ text: `${facts.tag} stands for itself now.`, entryId: done.entryId });
  };
  const spread =
    facts.members.length > 1
      ? Math.max(...facts.members.map((m) => m.fill)) - Math.min(...facts.members.map((m) => m.fill))
      : 0;
  return (
    <div data-testid="set">
      <h3 className="text-lg font-medium">Matched set</h3>
      {facts.set ? (
        <Reasoned reason="Matched trees move together, on a day on which the windows of all of them are open; otherwise one outgrows the others. The day is the first on which all windows for potting on overlap.">
          <p>
            “{facts.set}”:{" "}
            {facts.members.map((m, i) => (
              <span key={m.id}>
                {i > 0 && ", "}
                <Link className="link" href={treeAt(collectionId, m.id)}>
                  {m.tag}
                </Link>{" "}
                ({litres(m.volumeL, units)}, {percent(m.fill)} full)
              </span>
            ))}
          </p>
          <p className="text-sm">
            {facts.together
              ? `Move them together between ${day(facts.together.from)} and ${day(facts.together.to)}.`
              : "No day opens for all of them within two years."}{" "}
            {spread > 0.25 && "They have drifted apart: the fuller one sets the day, the other gets the same pot."}
          </p>
        </Reasoned>
      ) : (
        <p className="text-sm">Stands for itself.</p>
      )}
      <details>
        <summary className="link min-h-8 cursor-pointer content-center text-sm">
          {facts.set ? "Change the set" : "Match it with another"}
        </summary>
        <Form className="mt-1 space-y-2" onSubmit={join}>
          <TextField label="Name of the set" value={set} onChange={setSet} fault={match.at("set")} />
          {facts.others.length > 0 && (
            <SelectField
              label="Together with"
              value={other}
              onChange={setOther}
              fault={match.at("treeIds")}
              options={facts.others.map((o) => [o.id, `${o.tag} · ${o.name}`] as const)}
            />
          )}
          <button className="btn" disabled={match.busy || set.trim() === "" || other === ""}>
            Save
          </button>{" "}
          {facts.set && (
            <button type="button" className="btn" disabled={match.busy} onClick={() => void leave()}>
              Out of the set
            </button>
          )}
        </Form>
        <FormFaults faults={unplaced(match.failure, ["set", "treeIds"])} />
      </details>
    </div>
  );
}

const NEED_WORDS: Record<PartnerAdvice["need"], string> = {
  none: "It sets fruit by itself, or is not grown for any.",
  helps: "It sets more fruit with a partner of another variety.",
  needed: "It bears nothing without a partner of another variety in flower.",
  "other-sex": "Female and male flowers grow on different plants: it needs one of the other sex.",
};

function Partner({ facts }: { facts: CompanyFacts }) {
  const { collectionId } = useAsOf();
  const { need, trees } = facts.partners;
  const missing = trees.length === 0 && (need === "needed" || need === "other-sex");
  return (
    <div data-testid="partner">
      <h3 className="text-lg font-medium">Partner in flower</h3>
      <Reasoned reason="By the species’ own word on fertilising, the circle of kinds that serve each other, and whether their blooms overlap by five days or more, counted from bud break. Two trees of one sort do not serve each other; where nobody wrote the sort down, they may.">
        <p className={missing ? "text-error font-medium" : ""}>
          {missing && facts.crop ? "No partner stands in this collection. " : ""}
          {NEED_WORDS[need]}
        </p>
        {trees.length > 0 && (
          <p className="text-sm">
            Here:{" "}
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
        text: anchored ? "Recorded: rooted in the ground." : "Recorded: free of the ground.",
        entryId: done.entryId,
      });
  };
  return (
    <div data-testid="ground">
      <h3 className="text-lg font-medium">In the ground below</h3>
      {facts.anchored ? (
        <Reasoned
          reason={`A crown heavier than its pot would feed is fed from below: between a fifth and three fifths of its water. ${facts.anchored.measured ? "From its trunk and height against its pot." : "Nobody has measured trunk and height, so the middle is taken: a guess."}`}
        >
          <p className="text-error font-medium">
            Rooted through its pot since {day(facts.anchored.on)}: about {percent(facts.anchored.share)} of its roots
            may stand in the ground. Thirst and growth no longer follow the pot.
          </p>
          <p className="text-sm">
            Sever it in the dormant season, or half now and half six weeks later, with shade and water. Knives and
            spades: cut away from the body; look for cables and pipes before digging.
          </p>
        </Reasoned>
      ) : (
        <p className="text-sm">Not that anyone has said. Tilt the pot: does it hold?</p>
      )}
      <button
        type="button"
        className="btn btn-sm mt-1 min-h-11"
        disabled={anchor.busy}
        onClick={() => void set(facts.anchored === null)}
      >
        {facts.anchored ? "It is severed now" : "It is rooted in the ground"}
      </button>
      <FormFaults faults={unplaced(anchor.failure, [])} />
    </div>
  );
}
