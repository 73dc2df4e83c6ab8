"use client";

import { type Judgement, WHENS } from "@/core/judgement/index";
import { percent } from "@/words/format";
import { Reasoned } from "@/ui/fields";
import { actWords, refusalWords, WHEN_WORDS } from "@/words/judgement";
import { useAsOf } from "@/features/kernel/as-of";

/** What an experienced grower would do, in order, and what would be refused and why. */
export function WhatToDo({
  judgement,
  basis,
  crown,
}: {
  judgement: Judgement;
  basis: "typical" | "guess";
  crown: { rootLoss: number; school: number };
}) {
  const { units } = useAsOf();
  const groups = WHENS.map((when) => ({ when, acts: judgement.acts.filter((a) => a.when === when) })).filter(
    (g) => g.acts.length > 0,
  );
  return (
    <section aria-labelledby="todo">
      <h2 id="todo" className="text-xl">
        What to do, and what not
      </h2>
      <Reasoned
        reason={
          <>
            Worked out from how full and how turned its roots are, the warmth its roots have left this season, the day
            of the damaging frost and what its kind stands (
            {basis === "guess" ? "a guess: its kind is not in the library" : "the library’s values for its kind"}
            ). The order of thought is growers’ practice and our judgement; local codes and licensed practice come
            first.
          </>
        }
      >
        <div className="grid gap-x-8 gap-y-3 lg:grid-cols-2">
          <dl data-testid="acts">
            {groups.map(({ when, acts }) => (
              <div key={when} className="mb-2">
                <dt className="font-medium">{WHEN_WORDS[when]}</dt>
                {acts.map((act, i) => (
                  <dd key={`${act.code}${i}`} className="pl-4">
                    {actWords(act, units)}
                  </dd>
                ))}
              </div>
            ))}
            <div>
              <dt className="font-medium">Its crown</dt>
              <dd className="pl-4">
                Leave every leaf: they pay for new roots. Shade, mist and shelter instead; cut only if it still droops
                at dawn after three days.
                {crown.school > 0 &&
                  ` Growers of the proportional school would take ${percent(crown.school)} of the leaves, in leaf, for ${percent(crown.rootLoss)} of the roots.`}
              </dd>
            </div>
          </dl>
          {judgement.refused.length > 0 && (
            <div data-testid="refused">
              <h3 className="font-medium">Refused</h3>
              <ul className="list-disc pl-5">
                {judgement.refused.map((r, i) => (
                  <li key={`${r.code}${i}`}>{refusalWords(r, units)}</li>
                ))}
              </ul>
            </div>
          )}
        </div>
      </Reasoned>
    </section>
  );
}
