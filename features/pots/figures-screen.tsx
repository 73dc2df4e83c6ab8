import * as say from "@/words/pages/pots/figures";
import "server-only";
import { FIGURE_GROUPS, FIGURES, type FigureGroup } from "@/core/figures/index";
import type { CorrectionName } from "@/core/roots/index";
import type { ReadyMixName } from "@/core/mix/index";
import type { Wall } from "@/core/vessel/index";
import { number } from "@/words/format";
import { ScrollBox } from "@/ui/fields";
import { CORRECTION_WORDS, WALL_WORDS } from "@/words/terms";
import { COMPONENT_WORDS, CONFIDENCE_WORDS, readyName } from "@/words/mixes";
import { PotsNav } from "./pots-nav";
import { PAGE_WORDS } from "@/words/rooms";

const GROUP_WORDS: Record<FigureGroup, string> = {
  "trade-sizes": say.tradeSizesNamesNotVolumes,
  geometry: say.potsAndMeasuringThem,
  materials: "Materials",
  components: say.componentsOfMixes,
  "ready-mixes": say.ordinaryMixes,
  mixing: say.mixingSettlingWearingOut,
  setting: say.settingABall,
  big: say.boxesSunkPotsDrainHoles,
  wind: say.standingInWind,
  lifting: "Lifting",
  roots: say.rootsAndCorrections,
};

/** Words for figures that are about something named elsewhere. */
function nameOf(what: string): string {
  const [kind, key] = what.split(":");
  switch (kind) {
    case "component":
      return COMPONENT_WORDS[key as keyof typeof COMPONENT_WORDS];
    case "mix":
      return readyName(key as ReadyMixName);
    case "wall":
      return say.wallOf(WALL_WORDS[key as Wall]);
    case "circling":
      return say.circlingAt(WALL_WORDS[key as Wall]);
    case "correction":
      return CORRECTION_WORDS[key as CorrectionName].name;
    default:
      return key ?? what;
  }
}

/** Every figure behind Stores and the bench, with its source and how sure it is. */
export function FiguresScreen(_props: { collectionId: string }) {
  return (
    <div>
      <PotsNav at="pots/figures" />
      <h1 className="text-2xl">{PAGE_WORDS["pots/figures"]}</h1>
      <p className="mt-1 max-w-prose">{say.whatTheArithmeticStandsOn()}</p>
      <ul className="mt-2 text-sm">
        {(["H", "M", "L"] as const).map((c) => (
          <li key={c}>
            <b>{c}</b>: {CONFIDENCE_WORDS[c]}
          </li>
        ))}
      </ul>
      {FIGURE_GROUPS.map((group) => (
        <section key={group} aria-label={GROUP_WORDS[group]} className="mt-6">
          <h2 className="text-lg">{GROUP_WORDS[group]}</h2>
          <ScrollBox label={GROUP_WORDS[group]}>
            <table className="table-sm table">
              <thead>
                <tr>
                  <th scope="col">{say.figure}</th>
                  <th scope="col">{say.value}</th>
                  <th scope="col">{say.unit}</th>
                  <th scope="col">{say.source}</th>
                  <th scope="col">{say.sure}</th>
                </tr>
              </thead>
              <tbody>
                {FIGURES[group].map((f) => (
                  <tr key={f.what}>
                    <th scope="row" className="font-normal">
                      {nameOf(f.what)}
                    </th>
                    <td className="whitespace-nowrap">
                      {f.values.map((v) => number(v, v < 0.01 ? 5 : 3)).join(" · ")}
                    </td>
                    <td>{f.unit}</td>
                    <td>{f.source}</td>
                    <td>{f.confidence}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </ScrollBox>
        </section>
      ))}
    </div>
  );
}
