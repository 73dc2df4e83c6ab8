"use client";

import { crownBeside, type Decision } from "@/core/decision/index";
import { useAsOf } from "@/features/kernel/as-of";
import { Reasoned } from "@/ui/fields";
import { actWhen, actWords, aftercareWords, QUESTION_WORDS, reasonWords, refusedWords } from "@/words/decision";
import { day, percent } from "@/words/format";

/** What to do with it, in order, what follows, and what would be wrong today. */
export function DecisionPanel({
  decision,
  potNames,
  guessedKind,
}: {
  decision: Decision;
  potNames: ReadonlyMap<string, string>;
  guessedKind: boolean;
}) {
  const { units } = useAsOf();
  const { on, acts, aftercare, refused, questions } = decision;
  const crown = crownBeside(decision);
  return (
    <section aria-labelledby="todo" className="mt-2">
      <h2 id="todo" className="text-xl">
        What to do, and what not
      </h2>
      <Reasoned
        reason={
          <>
            From how full and how circled its roots are, the windows of each work where it stands, and what its species
            stands ({guessedKind ? "a guess: its species is not in the library" : "the library’s values for its kind"}).
            The order of thought is growers’ practice and our judgement; local codes and licensed practice come first.
          </>
        }
      >
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
          <ol data-testid="acts" className="space-y-3">
            {acts.map((act) => (
              <li key={act.id}>
                <b>{actWhen(act, on)}</b>
                {act.because.length > 0 && <span className="text-sm"> · {reasonWords(act.because)}</span>}
                <p>{actWords(act, units, (id) => potNames.get(id) ?? null)}</p>
                {act.lastSafe && act.correction && act.from !== null && act.from <= on && (
                  <p className="text-sm">
                    Last good day: {day(act.lastSafe.p50, on)}, in one year of ten already {day(act.lastSafe.p10, on)}.
                  </p>
                )}
                {act.aftercare.length > 0 && (
                  <details className="text-sm">
                    <summary className="cursor-pointer">Afterwards</summary>
                    <ul className="list-disc pl-5">
                      {act.aftercare.map((a) => (
                        <li key={a.code}>{aftercareWords(a, on)}</li>
                      ))}
                    </ul>
                  </details>
                )}
              </li>
            ))}
            {acts.length === 0 && <li>Nothing: leave it alone.</li>}
            {crown && (
              <li>
                <b>Its crown</b>
                <p>
                  Leave every leaf: they pay for new roots. Shade, mist and shelter instead; cut only if it still droops
                  at dawn after three days.
                  {crown.school > 0 &&
                    ` Growers of the proportional school would take ${percent(crown.school)} of the leaves, in leaf, for ${percent(crown.rootLoss)} of the roots.`}
                </p>
              </li>
            )}
          </ol>
          <div className="space-y-4">
            {aftercare.length > 0 && (
              <div data-testid="aftercare">
                <h3 className="font-medium">After the last work</h3>
                <ul className="list-disc pl-5">
                  {aftercare.map((a) => (
                    <li key={a.code}>{aftercareWords(a, on)}</li>
                  ))}
                </ul>
              </div>
            )}
            {refused.length > 0 && (
              <div data-testid="refused">
                <h3 className="font-medium">Not today</h3>
                <ul className="list-disc pl-5">
                  {refused.map((r) => (
                    <li key={`${r.work}${r.for}`}>{refusedWords(r, on, units)}</li>
                  ))}
                </ul>
              </div>
            )}
            {questions.length > 0 && (
              <div data-testid="questions">
                <h3 className="font-medium">What would change the answer</h3>
                <ul className="list-disc pl-5">
                  {questions.map((q) => (
                    <li key={q.code}>{QUESTION_WORDS[q.code]}</li>
                  ))}
                </ul>
              </div>
            )}
          </div>
        </div>
      </Reasoned>
    </section>
  );
}
