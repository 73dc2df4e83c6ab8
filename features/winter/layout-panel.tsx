"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/main";
import Link from "next/link";
import { obstaclesOf } from "@/core/shelter/index";
import { treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { Caution } from "@/ui/fields";
import { number } from "@/words/format";
import { obstacleWords } from "@/words/layout";
import { Clay, WORTH_A_WORD } from "./clay";
import type { Chosen } from "./layout-drawing";
import { Misfits } from "./misfits";
import { PlaceForm } from "./place-form";
import { PotPanel } from "./pot-panel";
import type { Layout, ShelterFacts } from "./use-layout";

/** Beside the drawing: what is chosen on it, and what does not fit. */
export function LayoutPanel({
  facts,
  layout,
  chosen,
  onChoose,
}: {
  facts: ShelterFacts;
  layout: Layout;
  chosen: Chosen;
  onChoose: (chosen: Chosen) => void;
}) {
  const { collectionId, units } = useAsOf();
  const { plan, nameOf, placeOf } = layout;
  const { quarters, standings } = facts.data;
  const pot = chosen && "pot" in chosen ? layout.byId.get(chosen.pot) : undefined;
  const place = chosen && "place" in chosen ? quarters.find((q) => q.id === chosen.place) : undefined;
  return (
    <>
      {place && <PlaceForm key={place.id} quarter={place} air={facts.basis[place.id]} onDone={() => onChoose(null)} />}
      {pot && (
        <PotPanel
          key={`${pot.id}:${plan.shown.assignment[pot.id]}`}
          standing={pot}
          plan={plan}
          quarters={quarters}
          onPut={(to, x, y) => layout.put(pot, to, x, y)}
          onClose={() => onChoose(null)}
        />
      )}
      <Misfits
        danger={layout.danger}
        obstacle={(s) => {
          const [o] = obstaclesOf(plan.problem, plan.shown.assignment, s.id);
          return o ? obstacleWords(o, nameOf(o.placeId), s, units) : null;
        }}
        where={(s) => nameOf(placeOf(s), s)}
        planned={plan.shown.as !== "now"}
        onSelect={(id) => onChoose({ pot: id })}
        collectionId={collectionId}
      />
      <Clay
        pots={standings
          .map((s) => ({ s, cracks: plan.cracksAt(s) }))
          .filter((p) => p.cracks >= WORTH_A_WORD)
          .sort((a, b) => b.cracks - a.cracks)}
        where={(s) => nameOf(placeOf(s), s)}
        collectionId={collectionId}
      />
      {facts.withoutPot.length > 0 && <WithoutPot trees={facts.withoutPot} />}
      <Caution>
        <p>{say.floorsWetPotsArePoint}</p>
        <p>{say.heatersNoFlameOrFuel()}</p>
      </Caution>
    </>
  );
}

const NAMED = 8;

function WithoutPot({ trees }: { trees: ShelterFacts["withoutPot"] }) {
  const { collectionId } = useAsOf();
  return (
    <p className="text-sm">
      {say.nobodyHasSaidThePot}
      {trees.slice(0, NAMED).map(({ id, tag }, i) => (
        <span key={id}>
          {i > 0 && ", "}
          <Link className="link" href={treeAt(collectionId, id, "", "#measure")}>
            {tag}
          </Link>
        </span>
      ))}
      {say.theyAreLeftOut(trees.length > NAMED ? common.andMoreBehind(number(trees.length - NAMED)) : "")}
    </p>
  );
}
