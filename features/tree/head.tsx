"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/head";
import Link from "next/link";
import type { TreePicture } from "@/model/index";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { useRecord } from "@/features/kernel/record-wish";
import { Why } from "@/ui/fields";
import { Icon } from "@/ui/icon";
import { headlineSentence } from "@/words/decision";
import { number, percent } from "@/words/format";
import { ROOM_WORDS } from "@/words/rooms";
import { windowReason } from "@/words/sentences";
import { PURPOSE_WORDS, tagName } from "@/words/terms";
import { howFull, PRIMARY_WORDS } from "@/words/tree-page";
import type { TreeFacts } from "./facts";
import { Narrowest, tellsMost } from "./narrowest";
import { primaryOf } from "./primary";

/** Which tree it is, what is to be done with it in one sentence, and the one action. */
export function TreeHead({
  facts,
  picture,
  on,
  reveal,
}: {
  facts: TreeFacts;
  picture: TreePicture;
  on: string;
  /** Opens a form of the page. */
  reveal: (id: string) => void;
}) {
  const { units } = useAsOf();
  const { state, decision } = picture;
  return (
    <div className="mb-3">
      <About facts={facts} together={state.together} />
      <h1 className="text-2xl" data-record="">
        {tagName(facts)} · {facts.name}
        {facts.cultivar ? ` ‘${facts.cultivar}’` : ""}{" "}
        {facts.scientific && <i className="text-base font-normal opacity-80">{facts.scientific}</i>}
      </h1>
      {facts.left ? (
        <p className="mt-1 text-xl" data-testid="verdict" data-record="">
          {facts.left}
        </p>
      ) : (
        <>
          <Why
            className="mt-1"
            reason={say.twoThingsDecideWhetherIts(
              howFull(state.fill.p50),
              number(state.circling.p50, 1),
              percent(state.dueFill),
              windowReason(state, on),
            )}
          >
            <span className="text-xl" data-testid="verdict">
              {decision
                ? headlineSentence(decision, { fill: state.fill, plants: facts.plants }, units)
                : say.onlyItsRootsAreKnown}
            </span>
          </Why>
          <Narrowest facts={facts} />
          <Actions facts={facts} picture={picture} reveal={reveal} />
        </>
      )}
    </div>
  );
}

function About({ facts, together }: { facts: TreeFacts; together: readonly string[] }) {
  const { collectionId } = useAsOf();
  return (
    <p className="text-sm" data-record="">
      <Link className="link" href={pageAt(collectionId, "trees")}>
        {ROOM_WORDS.trees}
      </Link>{" "}
      · {PURPOSE_WORDS[facts.purpose]}
      {facts.plants > 1 ? say.plants(number(facts.plants)) : ""}
      {facts.place ? ` · ${facts.place}` : ""}
      {facts.rootstock ? say.on(facts.rootstock) : ""}
      {facts.origin ? ` · ${facts.origin}` : ""}
      {together.length > 1 &&
        say.onePotWith(
          together
            .filter((id) => id !== facts.id)
            .map((id) => facts.tags[id] ?? "another")
            .join(", "),
        )}
    </p>
  );
}

function Actions({ facts, picture, reveal }: { facts: TreeFacts; picture: TreePicture; reveal: (id: string) => void }) {
  const { collectionId } = useAsOf();
  const record = useRecord();
  const ask = tellsMost(facts)?.question ?? null;
  const { words, to } = primaryOf(picture.decision?.headline ?? null, ask);
  const trees = [{ id: facts.id, tag: facts.tag }];
  const label = PRIMARY_WORDS[words];
  return (
    <div className="no-print mt-3 flex flex-wrap gap-2" data-testid="primary">
      {"page" in to ? (
        <Link href={treeAt(collectionId, facts.id, to.page)} className="btn btn-primary">
          {label}
        </Link>
      ) : (
        <button
          type="button"
          className="btn btn-primary"
          onClick={() => ("form" in to ? reveal(to.form) : record({ trees, thing: to.record ?? undefined }))}
        >
          {label}
        </button>
      )}
      {words !== "record" && (
        <button type="button" className="btn" onClick={() => record({ trees })}>
          <Icon name="record" />
          {common.record}
        </button>
      )}
    </div>
  );
}
