"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/shell/record";
import { type ReactNode, useState } from "react";
import type { CommandInput } from "@/contract/index";
import type { RecordChoices } from "@/contract/queries";
import { DEATH_CAUSES, ENDINGS, HEALTH_STATES, PRUNING_PURPOSES } from "@/core/event/index";
import { FEED_FORMS } from "@/core/wood/index";
import { BALL_CORRECTIONS } from "@/core/roots/index";
import { useAsOf } from "@/features/kernel/as-of";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { useNotice } from "@/features/kernel/notice";
import type { Chosen } from "@/features/kernel/record-wish";
import { useRecordingDay } from "@/features/kernel/recording-day";
import { useOneDay, useRoughDate } from "@/features/kernel/rough-date";
import { Grades } from "@/features/bench/roots/grades";
import { Caution } from "@/ui/fields";
import { ChoiceInput, DateInput, LongTextInput, QuantityInput, TextInput, useInput } from "@/ui/form/inputs";
import { FOR_TREES_WORDS, treesWord } from "@/words/record";
import {
  CAUSE_WORDS,
  CIRCLING_GRADES,
  CORRECTION_WORDS,
  ENDING_WORDS,
  FEED_WORDS,
  FILL_GRADES,
  HAZARD_WORDS,
  HEALTH_WORDS,
  PRUNING_WORDS,
} from "@/words/terms";

export interface RecordProps {
  trees: readonly Chosen[];
  choices: RecordChoices;
  done: () => void;
}

type What = CommandInput<"record-for-trees">["what"];
type Kind = What["kind"];
/** A form's fields: those of the thing recorded, its day as typed. */
type Typed = Record<string, unknown> & { on: string };

/** A form for the same thing done to all chosen trees. */
function useForTrees<K extends Kind, T extends Typed>(
  { trees, done }: RecordProps,
  kind: K,
  fields: T,
  read: (typed: T) => Omit<Extract<What, { kind: K }>, "kind" | "on">,
) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const readDate = useRoughDate();
  const readDay = useOneDay();
  const [start] = useState({ what: fields });
  return useCommandForm("record-for-trees", {
    start,
    input: ({ what }: { what: T }, wrong) => {
      // A potting is of one day, as the bench records it; what else happened may be known roughly.
      const day = kind === "potted" ? readDay(what.on) : readDate(what.on);
      if (day.fault) wrong("what.on", day.fault);
      const on = (kind === "potted" ? day.range?.best : day.range) ?? what.on;
      return {
        collectionId,
        treeIds: trees.map(({ id }) => id),
        what: { kind, on, ...read(what) } as unknown as What,
      };
    },
    done: ({ entryId }) => {
      tell({ text: `${treesWord(trees)}: ${FOR_TREES_WORDS[kind]}.`, entryId });
      done();
    },
  });
}

function Day({ name = "what.on", label = "On" }: { name?: string; label?: string }) {
  const { today } = useAsOf();
  return <DateInput name={name} label={label} read={useRoughDate()} today={today} needed />;
}

/** What is dangerous in working on these trees: at the step, with whose it is where there are several. */
function Hazards({ trees, choices, children }: RecordProps & { children?: ReactNode }) {
  const told = choices.hazards.flatMap(({ hazard, trees: ids }) => {
    const of = trees.filter(({ id }) => ids.includes(id));
    return of.length === 0 ? [] : [{ hazard, of }];
  });
  if (told.length === 0 && !children) return null;
  return (
    <Caution>
      {children}
      {told.map(({ hazard, of }) => (
        <p key={hazard}>
          {trees.length > 1 && <b>{treesWord(of)}: </b>}
          {HAZARD_WORDS[hazard]}
        </p>
      ))}
    </Caution>
  );
}

export function NoteForTrees(props: RecordProps) {
  const day = useRecordingDay();
  const form = useForTrees(props, "note", { on: day.value, text: "" }, ({ text }) => ({ text }));
  return (
    <CommandForm of={form} label={common.note} button={[say.keepThisNote, say.keeping]}>
      <LongTextInput name="what.text" label={common.note} />
      <Day />
    </CommandForm>
  );
}

const CUTS = [
  ["light", say.lightlyTipsAndDeadWood],
  ["hard", say.hardItWillPushNew],
] as const;

export function PrunedForTrees(props: RecordProps) {
  const { units } = useAsOf();
  const day = useRecordingDay();
  const start = { on: day.value, how: "light" as "light" | "hard", crownShare: null as number | null, purpose: "" };
  const form = useForTrees(props, "pruned", start, ({ how, crownShare, purpose }) => ({
    how,
    crownShare: crownShare === null ? null : crownShare / 100,
    purpose: purpose === "" ? null : (purpose as (typeof PRUNING_PURPOSES)[number]),
  }));
  return (
    <CommandForm of={form} label={say.pruning} button={[say.recordThePruning, common.recording]}>
      <ChoiceInput name="what.how" label={say.howMuch} options={CUTS} />
      <ChoiceInput
        name="what.purpose"
        label={say.forWhatIfYouLike}
        options={[["", say.notSaid] as const, ...PRUNING_PURPOSES.map((p) => [p, PRUNING_WORDS[p]] as const)]}
      />
      <QuantityInput name="what.crownShare" label={say.shareOfTheCrownIf} dimension="plain" units={units} />
      <Hazards {...props}>
        <p>{say.cleanBladesBetweenTrees}</p>
      </Hazards>
      <Day />
    </CommandForm>
  );
}

function GradesInput({ name, legend, words }: { name: string; legend: string; words: readonly string[] }) {
  const { value, onChange, fault } = useInput<number | null>(name);
  return (
    <div>
      <Grades legend={legend} words={words} name={name} value={value} onChange={onChange} />
      {fault && (
        <p role="alert" className="text-error mt-1 text-sm font-semibold">
          {fault}
        </p>
      )}
    </div>
  );
}

export function RootsForTrees(props: RecordProps) {
  const day = useRecordingDay();
  const start = {
    on: day.value,
    fillGrade: null as number | null,
    circlingGrade: null as number | null,
    by: "look" as const,
  };
  const form = useForTrees(props, "roots-read", start, ({ fillGrade, circlingGrade, by }) => ({
    fillGrade,
    circlingGrade,
    by,
  }));
  return (
    <CommandForm of={form} label={say.rootCheck} button={[say.recordWhatISee, common.recording]}>
      <Hazards {...props}>
        <p>{say.waterTheDayBeforeTurn}</p>
      </Hazards>
      <GradesInput name="what.fillGrade" legend={common.howFull} words={FILL_GRADES} />
      <GradesInput name="what.circlingGrade" legend={common.circlingRoots} words={CIRCLING_GRADES} />
      <Day />
    </CommandForm>
  );
}

export function HealthForTrees(props: RecordProps) {
  const day = useRecordingDay();
  const start = { on: day.value, state: "weak" as (typeof HEALTH_STATES)[number] };
  const form = useForTrees(props, "health", start, ({ state }) => ({ state }));
  return (
    <CommandForm of={form} label={say.condition} button={["Save", common.saving]}>
      <ChoiceInput
        name="what.state"
        label={say.howItIs}
        options={HEALTH_STATES.map((s) => [s, HEALTH_WORDS[s]] as const)}
      />
      <Day />
    </CommandForm>
  );
}

const LEAVES = ENDINGS.filter((e) => e !== "merged");
type Leaving = Exclude<(typeof ENDINGS)[number], "merged">;
/** What is sold, given or stolen goes with its pot; the pot of a dead or planted tree comes back. */
const WITH_POT: readonly Leaving[] = ["sold", "given", "lost"];

export function EndedForTrees(props: RecordProps) {
  const day = useRecordingDay();
  const start = {
    on: day.value,
    how: "died" as Leaving,
    cause: "unknown" as (typeof DEATH_CAUSES)[number],
    pot: "usual" as "usual" | "leaves" | "stays",
    note: "",
  };
  const form = useForTrees(props, "ended", start, ({ how, cause, pot, note }) => ({
    how,
    cause: how === "died" ? cause : null,
    potLeaves: pot === "usual" ? WITH_POT.includes(how) : pot === "leaves",
    note,
  }));
  const how = form.form.watch("what.how");
  return (
    <CommandForm of={form} label={say.lossOrSale} button={[say.recordIt, common.recording]}>
      <ChoiceInput
        name="what.how"
        label={say.whatBecameOfIt}
        options={LEAVES.map((e) => [e, ENDING_WORDS[e]] as const)}
      />
      {how === "died" && (
        <ChoiceInput
          name="what.cause"
          label={common.ofWhat}
          options={DEATH_CAUSES.map((c) => [c, CAUSE_WORDS[c]] as const)}
        />
      )}
      <ChoiceInput
        name="what.pot"
        label={say.itsPot}
        options={[
          ["usual", WITH_POT.includes(how) ? say.goesWithItAsUsual : say.comesBackAsUsual],
          ["leaves", say.goesWithIt],
          ["stays", say.comesBack],
        ]}
      />
      <Day label={common.when} />
      <TextInput name="what.note" label={say.noteIfYouLike} />
    </CommandForm>
  );
}

export function PottedForTrees(props: RecordProps) {
  const { choices } = props;
  const day = useRecordingDay();
  const start = {
    on: day.value,
    potLotId: choices.pots[0]?.id ?? "",
    mix: choices.mixes[0]?.key ?? "",
    correction: "none" as (typeof BALL_CORRECTIONS)[number],
  };
  const form = useForTrees(props, "potted", start, ({ potLotId, mix, correction }) => ({ potLotId, mix, correction }));
  return (
    <CommandForm of={form} label={say.potting} button={[say.potUp(treesWord(props.trees)), common.recording]}>
      <p className="text-sm">{say.allIntoPotsOfOne}</p>
      <ChoiceInput
        name="what.potLotId"
        label={say.pots}
        options={
          choices.pots.length === 0
            ? [["", say.noPotIsFree]]
            : choices.pots.map((p) => [p.id, say.free(p.name, p.free)] as const)
        }
      />
      <ChoiceInput name="what.mix" label={common.mix} options={choices.mixes.map((m) => [m.key, m.name] as const)} />
      <ChoiceInput
        name="what.correction"
        label={common.rootWork}
        options={BALL_CORRECTIONS.map((c) => [c, CORRECTION_WORDS[c].name] as const)}
      />
      <Hazards {...props}>
        <p>{say.glovesDampTheMixBefore}</p>
      </Hazards>
      <Day />
    </CommandForm>
  );
}

interface FeedFields {
  on: string;
  form: (typeof FEED_FORMS)[number];
  percent: number | null;
  what: string;
}

/** Feed and water have commands of their own for any number of trees. */
export function FedForm({ trees, choices, done }: RecordProps) {
  const { collectionId, units } = useAsOf();
  const { tell } = useNotice();
  const readDate = useRoughDate();
  const day = useRecordingDay();
  const [start] = useState<FeedFields>({ on: day.value, form: "quick", percent: 100, what: choices.feeds[0] ?? "" });
  const form = useCommandForm("record-feed", {
    start,
    input: ({ on, form: kind, percent, what }, wrong) => {
      const read = readDate(on);
      if (read.fault) wrong("on", read.fault);
      const strength = percent === null ? NaN : percent / 100;
      if (!(strength >= 0.05 && strength <= 2)) wrong("percent" as "strength", say.aShareBetween5And);
      return { collectionId, treeIds: trees.map(({ id }) => id), on: read.range ?? on, form: kind, strength, what };
    },
    done: ({ entryId }) => {
      tell({ text: `${treesWord(trees)}: fed.`, entryId });
      done();
    },
  });
  return (
    <CommandForm of={form} label={say.feed} button={[say.recordTheFeed, common.recording]}>
      <ChoiceInput name="form" label={say.typeOfFeed} options={FEED_FORMS.map((f) => [f, FEED_WORDS[f]] as const)} />
      <TextInput name="what" label={say.whatItWas} />
      <QuantityInput name="percent" label={say.shareOfAFullDose} dimension="plain" units={units} />
      <Day name="on" />
    </CommandForm>
  );
}

export function WateredForm({ trees, done }: RecordProps) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const readDate = useRoughDate();
  const day = useRecordingDay();
  const [start] = useState({ on: day.value });
  const form = useCommandForm("water-trees", {
    start,
    input: ({ on }, wrong) => {
      const read = readDate(on);
      if (read.fault) wrong("on", read.fault);
      return { collectionId, treeIds: trees.map(({ id }) => id), on: read.range ?? on };
    },
    done: ({ entryId }) => {
      tell({ text: `${treesWord(trees)}: watered.`, entryId });
      done();
    },
  });
  return (
    <CommandForm of={form} label={say.water} button={[say.recordTheWatering, common.recording]}>
      <Day name="on" />
    </CommandForm>
  );
}
