"use client";

import * as say from "@/words/pages/tree/decision";
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
        {say.whatToDoAndWhat}
      </h2>
      <Reasoned reason={say.fromHowFullAndHow(guessedKind ? say.aGuessItsSpeciesIs : say.theLibrarysValuesForIts)}>
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
          <ol data-testid="acts" className="space-y-3">
            {acts.map((act) => (
              <li key={act.id}>
                <b>{actWhen(act, on)}</b>
                {act.because.length > 0 && <span className="text-sm"> · {reasonWords(act.because)}</span>}
                <p>{actWords(act, units, (id) => potNames.get(id) ?? null)}</p>
                {act.lastSafe && act.correction && act.from !== null && act.from <= on && (
                  <p className="text-sm">
                    {say.lastGoodDayInOne(day(act.lastSafe.p50, on), day(act.lastSafe.p10, on))}
                  </p>
                )}
                {act.aftercare.length > 0 && (
                  <details className="text-sm">
                    <summary className="cursor-pointer">{say.afterwards}</summary>
                    <ul className="list-disc pl-5">
                      {act.aftercare.map((a) => (
                        <li key={a.code}>{aftercareWords(a, on)}</li>
                      ))}
                    </ul>
                  </details>
                )}
              </li>
            ))}
            {acts.length === 0 && <li>{say.nothingLeaveItAlone}</li>}
            {crown && (
              <li>
                <b>{say.itsCrown}</b>
                <p>
                  {say.leaveEveryLeafTheyPay}
                  {crown.school > 0 &&
                    say.growersOfTheProportionalSchool(percent(crown.school), percent(crown.rootLoss))}
                </p>
              </li>
            )}
          </ol>
          <div className="space-y-4">
            {aftercare.length > 0 && (
              <div data-testid="aftercare">
                <h3 className="font-medium">{say.afterTheLastWork}</h3>
                <ul className="list-disc pl-5">
                  {aftercare.map((a) => (
                    <li key={a.code}>{aftercareWords(a, on)}</li>
                  ))}
                </ul>
              </div>
            )}
            {refused.length > 0 && (
              <div data-testid="refused">
                <h3 className="font-medium">{say.notToday}</h3>
                <ul className="list-disc pl-5">
                  {refused.map((r) => (
                    <li key={`${r.work}${r.for}`}>{refusedWords(r, on, units)}</li>
                  ))}
                </ul>
              </div>
            )}
            {questions.length > 0 && (
              <div data-testid="questions">
                <h3 className="font-medium">{say.whatWouldChangeTheAnswer}</h3>
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
