"use client";

import * as say from "@/words/pages/tree/tree";
import Link from "next/link";
import type { ReactNode } from "react";
import type { TreePicture } from "@/model/index";
import { kindAt } from "@/features/kernel/addresses";
import { useAsOf, useReplayed, useStripSubject } from "@/features/kernel/as-of";
import { Reasoned } from "@/ui/fields";
import { day, number } from "@/words/format";
import { planChain } from "@/words/plan";
import { HAZARD_WORDS, STAGE_WORD, WOOD_WORD } from "@/words/terms";
import { howFull } from "@/words/tree-page";
import type { TreeFacts } from "./facts";
import { TreeHead } from "./head";
import { LogPart } from "./log-part";
import { Parts, useParts } from "./parts";
import { PotPicture } from "./pot-picture";
import { PottingPart } from "./potting-part";
import { RootsPart } from "./roots-part";
import { TimePicture } from "./time-picture";
import { WinterPart } from "./winter-part";

/** One tree: what is to be done in a sentence, its pot in section, its past and future in one picture, and four parts. */
export function TreeView({
  facts,
  initial,
  initialOn,
  windows,
  company,
}: {
  facts: TreeFacts;
  initial: TreePicture;
  initialOn: string;
  /** When each work may be done, and its condition and company: worked out by the server for the day of the page. */
  windows?: ReactNode;
  company?: ReactNode;
}) {
  const { collectionId, today } = useAsOf();
  useStripSubject(facts.kindKey, facts.ownWood);
  const { value: picture, on } = useReplayed(initial, initialOn, (api, asked) => api.tree(facts.id, asked));
  const parts = useParts();
  // The one pot the decision names: another that fits, too, is told with its reason.
  const nextPot = picture.decision?.acts.find((a) => a.pot && !a.pot.same) ?? null;
  const nextLot = facts.lots.find((l) => l.id === nextPot?.pot?.choice?.lotId);
  return (
    <article>
      <TreeHead facts={facts} picture={picture} on={on} reveal={parts.reveal} />
      <div className="grid gap-x-6 gap-y-4 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
        <PotPicture facts={facts} picture={picture} on={on} nextLot={nextLot} />
        <section aria-label={say.pastAndFuture} className="min-w-0">
          <Reasoned reason={say.howFullAndHowMany}>
            <TimePicture picture={picture} today={today} />
          </Reasoned>
        </section>
      </div>
      {(facts.note !== null || facts.hazards.length > 0) && (
        <p className="mt-3 text-sm" data-why="">
          {facts.hazards.map((h) => (
            <strong key={h} className="text-error">
              {HAZARD_WORDS[h]}{" "}
            </strong>
          ))}
          {facts.note}{" "}
          {facts.kindId && (
            <Link
              className="link"
              prefetch={false}
              data-reason=""
              href={kindAt(collectionId, facts.kindId, `?tree=${facts.id}`)}
            >
              {say.allThatIsKnownOf}
            </Link>
          )}
        </p>
      )}
      {facts.left ? (
        <div className="mt-5">
          <LogPart facts={facts} />
        </div>
      ) : (
        <Parts
          of={parts}
          parts={[
            {
              name: "roots",
              says: <RootsLine picture={picture} />,
              content: <RootsPart facts={facts} picture={picture} on={on} />,
            },
            {
              name: "potting",
              says: <PottingLine picture={picture} />,
              content: (
                <PottingPart facts={facts} picture={picture} on={on} nextPot={nextPot} nextLot={nextLot}>
                  {windows}
                </PottingPart>
              ),
            },
            {
              name: "winter",
              says: facts.wintersIn ?? (facts.place === null ? say.noPlacePlanned : `stays: ${facts.place}`),
              content: <WinterPart facts={facts} />,
            },
            {
              name: "log",
              says: (
                <span data-record="">
                  <LogLine facts={facts} on={on} />
                </span>
              ),
              content: <LogPart facts={facts}>{company}</LogPart>,
            },
          ]}
        />
      )}
    </article>
  );
}

const RootsLine = ({ picture: { state } }: { picture: TreePicture }) =>
  say.wood(howFull(state.fill.p50), STAGE_WORD[state.stage], WOOD_WORD[state.wood.stage]);

function PottingLine({ picture: { plan } }: { picture: TreePicture }) {
  const { units, latitudeDeg } = useAsOf();
  const first = plan ? planChain(plan, units, latitudeDeg < 0).at(0) : undefined;
  return first ? `${first.season}: ${first.what}` : plan ? say.staysAsItIs : say.notPlannedYet;
}

function LogLine({ facts: { history }, on }: { facts: TreeFacts; on: string }) {
  const counting = history.filter((i) => i.standing === "counts");
  const last = counting.at(0);
  return `${number(counting.length)} ${counting.length === 1 ? "entry" : "entries"}${last ? say.lastOf(day(last.on.best, on)) : ""}`;
}
