"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/wood";
import { useState } from "react";
import { BENDS, type Bend, FEED_FORMS, type FeedForm as FeedKind, LEAF_FALLS, type LeafFall } from "@/core/wood/index";
import { parseIso, toDay } from "@/core/dates/index";
import { feedRemarks } from "@/core/suits/index";
import { readNumber } from "@/words/format";
import { FEED_REMARK_WORDS } from "@/words/suits";
import type { WoodPicture } from "./picture";
import { Caution } from "@/ui/fields";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { BEND_WORDS, FEED_WORDS, LEAF_FALL_WORDS } from "@/words/terms";
import { useRecordingDay } from "@/features/kernel/recording-day";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { ChoiceInput, TextInput } from "@/ui/form/inputs";
import { DayInput } from "@/features/kernel/rough-date";
import { useWatch } from "react-hook-form";

const NOT_LOOKED = "";

/** A look at this season's shoots: bend one, look at its end. Each thing seen moves the pace of this tree's wood. */
export function WoodCheckForm({ treeId, tag, onDone }: { treeId: string; tag: string; onDone?: () => void }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { value: on } = useRecordingDay();
  const [start] = useState({
    bend: NOT_LOOKED as Bend | "",
    terminalBud: NOT_LOOKED as "" | "yes" | "no",
    leafFall: NOT_LOOKED as LeafFall | "",
    woodyShare: "",
    bbch: "",
    on,
  });
  const form = useCommandForm("record-wood", {
    start,
    input: (typed, wrong) => {
      const share = typed.woodyShare.trim() === "" ? null : readNumber(typed.woodyShare) / 100;
      if (share !== null && !(share >= 0 && share <= 1)) wrong("woodyShare", say.aShareBetween0And);
      const stage = typed.bbch.trim() === "" ? null : readNumber(typed.bbch.replace(/^bbch\s*/i, ""));
      if (stage !== null && !Number.isInteger(stage)) wrong("bbch", say.aStageOfTwoDigits);
      return {
        collectionId,
        treeId,
        on: typed.on,
        woodyShare: share,
        bend: typed.bend === "" ? null : typed.bend,
        terminalBud: typed.terminalBud === "" ? null : typed.terminalBud === "yes",
        leafFall: typed.leafFall === "" ? null : typed.leafFall,
        bbch: stage,
      };
    },
    done: ({ entryId }) => {
      tell({ text: say.itsWoodGoesByWhat(tag), entryId });
      onDone?.();
    },
  });
  return (
    <section aria-label={say.lookAtTheWood} id="look">
      <h2 className="text-lg">{say.lookAtTheWoodOf(tag)}</h2>
      <p className="text-sm">{say.takeAShootOfThis}</p>
      <CommandForm
        of={form}
        className="mt-2 space-y-3"
        label={say.lookAtTheWood}
        button={[say.recordWhatISaw, common.recording]}
      >
        <ChoiceInput
          name="bend"
          label={say.bentRoundAFinger}
          options={[["", say.notTried], ...BENDS.map((b) => [b, BEND_WORDS[b]] as const)]}
        />
        <ChoiceInput
          name="terminalBud"
          label={say.aFormedBudAtIts}
          options={[
            ["", say.notLookedAt],
            ["yes", say.yesFormed],
            ["no", say.noStillGrowing],
          ]}
        />
        <TextInput
          name="woodyShare"
          label={say.woodyShareOfTheShoot}
          numeric
          suffix="%"
          hint={say.brownAndFirmFromIts}
        />
        <ChoiceInput
          name="leafFall"
          label={say.leaves}
          options={[["", say.notLookedAt], ...LEAF_FALLS.map((l) => [l, LEAF_FALL_WORDS[l]] as const)]}
        />
        <TextInput name="bbch" label={say.orABbchStage} numeric hint={say.n91EndBudFormed93} />
        <DayInput name="on" label={say.seenOn} />
      </CommandForm>
    </section>
  );
}

/** A feed of the stores with the phosphate on its label, %; null where nobody wrote it down. */
export interface StoredFeed {
  name: string;
  phosphatePercent: number | null;
}

/** Of a feed that is called as it is in the stores; null: not known. */
const phosphateOf = (what: string, feeds: readonly StoredFeed[]) =>
  feeds.find(({ name }) => name.toLocaleLowerCase() === what.trim().toLocaleLowerCase())?.phosphatePercent ?? null;

/** Nitrogen given: late in the season it holds growth open. */
export function FeedForm({
  treeId,
  tag,
  fed,
  feeds,
}: {
  treeId: string;
  tag: string;
  fed: WoodPicture["fed"];
  feeds: readonly StoredFeed[];
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { value: on } = useRecordingDay();
  const [start] = useState({ form: "quick" as FeedKind, strength: "100", what: "", on });
  const form = useCommandForm("record-feed", {
    start,
    input: ({ strength, ...typed }) => ({
      collectionId,
      treeIds: [treeId],
      ...typed,
      strength: readNumber(strength) / 100,
    }),
    after: (typed) => ({ ...typed, what: "", on }),
    done: ({ entryId }) => tell({ text: say.fed(tag), entryId }),
  });
  const typed = useWatch({ control: form.form.control }) as typeof start;
  const share = readNumber(typed.strength) / 100;
  const remarks =
    parseIso(typed.on) === null || !(share > 0)
      ? []
      : feedRemarks(fed, {
          daysAfterMidsummer: toDay(typed.on) - toDay(fed.midsummer),
          strength: share,
          phosphatePercent: phosphateOf(typed.what, feeds),
        });
  return (
    <details>
      <summary className="cursor-pointer text-lg">{say.fedItWithNitrogen}</summary>
      <CommandForm of={form} className="mt-2 space-y-3" label={say.feed} button={[say.recordTheFeed, common.recording]}>
        <ChoiceInput name="form" label={say.typeOfFeed} options={FEED_FORMS.map((f) => [f, FEED_WORDS[f]] as const)} />
        <TextInput name="strength" label={say.shareOfAFullDose} numeric suffix="%" />
        <TextInput
          name="what"
          label={say.whatItWas}
          hint={feeds.length === 0 ? undefined : say.inStore(feeds.map((f) => f.name).join(", "))}
        />
        <DayInput name="on" label={say.fedOn} />
        {remarks.length > 0 && (
          <Caution>
            {remarks.map((remark) => (
              <p key={remark}>{FEED_REMARK_WORDS[remark]}</p>
            ))}
          </Caution>
        )}
      </CommandForm>
    </details>
  );
}

export function PruneForm({ treeId, tag }: { treeId: string; tag: string }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { value: on } = useRecordingDay();
  const [start] = useState({ how: "light" as "light" | "hard", on });
  const form = useCommandForm("record-pruning", {
    start,
    input: (typed) => ({ collectionId, treeId, ...typed }),
    done: ({ entryId }) => tell({ text: say.pruned(tag), entryId }),
  });
  return (
    <details>
      <summary className="cursor-pointer text-lg">{say.prunedIt}</summary>
      <CommandForm
        of={form}
        className="mt-2 space-y-3"
        label={say.pruning}
        button={[say.recordThePruning, common.recording]}
      >
        <ChoiceInput
          name="how"
          label={say.howMuch}
          options={[
            ["light", say.lightlyTipsAndDeadWood],
            ["hard", say.hardItWillPushNew],
          ]}
        />
        <DayInput name="on" label={say.prunedOn} />
      </CommandForm>
    </details>
  );
}
