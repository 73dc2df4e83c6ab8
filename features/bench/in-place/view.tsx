"use client";

import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useMemo, useState } from "react";
import type { SureWindow } from "@/core/root-work/index";
import {
  coresPlan,
  IN_PLACE_FIGURES,
  type InPlaceInput,
  keepOffMm,
  SECTORS,
  type Sector,
  sequence,
  type Side,
  SIDES,
  slicePlan,
} from "@/core/inplace/index";
import { type CorrectionName, SHELL_DENSITY } from "@/core/roots/index";
import type { Hazard } from "@/core/species/index";
import { Caution, Facts, Form, FormFaults, Reasoned, SelectField, TextField } from "@/ui/fields";
import { celsius, day, litres, millimetres, number, percent, readNumber } from "@/words/format";
import { DayField } from "@/features/kernel/rough-date";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { HAZARD_WORDS, LIMIT_BECAUSE } from "@/words/terms";
import { AboveDrawing } from "./above";
import { useDayWord, useRecordingDay } from "@/features/kernel/recording-day";

export interface InPlaceFacts {
  treeId: string;
  tag: string;
  name: string;
  /** null: nobody has said which pot it stands in. */
  ball: InPlaceInput | null;
  trunkKnown: boolean;
  potName: string | null;
  evergreen: boolean;
  springRootZoneC: number;
  windows: Partial<Record<CorrectionName, SureWindow>>;
  year: number;
  done: { kind: CorrectionName; year: number; part: string; on: string }[];
  hazards: readonly Hazard[];
}

const WAYS = [
  ["cores", "Many cores"],
  ["slices", "One side sliced"],
] as const;
type Way = (typeof WAYS)[number][0];

const PART_WORDS: Record<Sector | Side, string> = {
  all: "all round",
  "north-south": "north and south quarters",
  "east-west": "east and west quarters",
  south: "south side",
  north: "north side",
  east: "east side",
  west: "west side",
};

/** Renewing a ball where it stands: what to bore or slice this year, drawn from above, and whose turn it is in the years to come. */
export function InPlaceView({ facts }: { facts: InPlaceFacts }) {
  const { collectionId, units } = useAsOf();
  const tree = treeAt(collectionId, facts.treeId);
  return (
    <article className="mx-auto max-w-5xl">
      <p className="text-sm">
        <Link className="link" href={tree}>
          {facts.tag} · {facts.name}
        </Link>
      </p>
      <h1 className="text-2xl">{facts.tag}: root renewal in place</h1>
      {facts.ball ? (
        <Planner facts={facts} ball={facts.ball} />
      ) : (
        <p className="mt-4">
          Nobody has said which pot it stands in.{" "}
          <Link className="link" href={`${tree}#measure`}>
            Measure it
          </Link>{" "}
          first: number and place of the holes follow from its size.
        </p>
      )}
      <Caution className="mt-4">
        <p className="font-semibold">
          Augers and saws: both hands and a side handle, eyes covered, no loose gloves near the bit, a residual-current
          device outdoors. An auger that catches a root wrenches the wrist: probe first with a rod, stop at any root
          thicker than {millimetres(IN_PLACE_FIGURES.coreStopMm, units)}.
        </p>
        <p>Guy it before a side is open: a tall tree on a loosened ball falls in a gust. Nobody below.</p>
        <p>Damp the mix; it can carry germs. Local rules and licensed practice come first.</p>
        {facts.hazards.map((h) => (
          <p key={h}>{HAZARD_WORDS[h]}</p>
        ))}
      </Caution>
    </article>
  );
}

function Planner({ facts, ball }: { facts: InPlaceFacts; ball: InPlaceInput }) {
  const { collectionId, today, on, units } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-work-in-place");
  const large = ball.volumeL >= 60;
  const [way, setWay] = useState<Way>(large ? "slices" : "cores");
  const [core, setCore] = useState(String(large ? IN_PLACE_FIGURES.coreMm : 25));
  const [share, setShare] = useState("10");
  const kinds: Record<Way, CorrectionName> = { cores: "core-in-place", slices: "slice-in-place" };
  const turns = useMemo(
    () =>
      sequence(
        way,
        facts.done.filter((d) => d.kind === kinds[way]),
        facts.year,
      ),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- `kinds` is a table
    [way, facts],
  );
  const next = turns.find((t) => !t.done)!;
  const [chosen, setChosen] = useState<{ way: Way; part: Sector | Side } | null>(null);
  const part = chosen?.way === way ? chosen.part : next.part;
  const [wall, setWall] = useState(false);
  const [kept, setKept] = useState("");
  const { value: doneOn, set: setDoneOn } = useRecordingDay();
  const when = useDayWord();
  const [problems, setProblems] = useState<Record<string, string>>({});

  const coreMm = readNumber(core, "mm");
  const asked = readNumber(share) / 100;
  const cores = useMemo(
    () =>
      way === "cores" && coreMm >= 10 && coreMm <= 120 && asked > 0
        ? coresPlan(ball, { coreMm, share: asked, sector: part as Sector })
        : null,
    [way, ball, coreMm, asked, part],
  );
  const slice = useMemo(() => (way === "slices" ? slicePlan(ball, part as Side) : null), [way, ball, part]);
  const window = facts.windows[kinds[way]];
  const doneThisYear = facts.done.some((d) => d.kind === kinds[way] && d.year === facts.year);
  const retained = cores?.retainedShare ?? slice?.retainedShare ?? 1;
  const litresOut = cores?.litres ?? slice?.litres ?? 0;
  const loose = cores?.looseL ?? slice?.looseL ?? 0;

  const submit = async () => {
    const share = kept.trim() === "" ? retained : readNumber(kept) / 100;
    const wrong: Record<string, string> = {};
    if (way === "cores" && !cores) wrong.core = "A width from 10 to 120 mm.";
    setProblems(wrong);
    if (Object.keys(wrong).length > 0) return;
    const done = await send({
      collectionId,
      treeId: facts.treeId,
      on: doneOn,
      correction: kinds[way],
      retainedShare: share,
      renewedShare: Math.min(1, litresOut / ball.volumeL),
      where: part,
      ...(cores
        ? { count: cores.holes.length, widthMm: cores.coreMm, depthMm: cores.depthMm, circlingRemoved: wall ? 0.1 : 0 }
        : { depthMm: slice!.depthMm }),
      despite: window && !window.open && doneOn === on ? { limiting: window.limiting, safe: window.safe } : null,
    });
    if (!done) return;
    setChosen(null);
    setKept("");
    tell({ text: `${facts.tag}: ${PART_WORDS[part]} renewed. Soak twice, slowly.`, entryId: done.entryId });
  };

  return (
    <div className="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
      <div>
        <Reasoned
          reason={
            <>
              The ball from above, to scale, from {facts.potName ?? "its pot"}. Nothing is cut within{" "}
              {millimetres(keepOffMm(ball), units)} of the middle: twice the trunk
              {facts.trunkKnown ? "" : ", which nobody has measured,"} or a third of the ball’s radius. Holes lie in the
              outer half, half a hole’s width apart at least, {millimetres(IN_PLACE_FIGURES.wallMarginMm, units)} from
              the wall.
            </>
          }
        >
          <AboveDrawing ball={ball} cores={cores} slice={slice} units={units} />
        </Reasoned>
      </div>
      <div className="space-y-4">
        <p className="text-lg" data-testid="in-place-window">
          {window === undefined
            ? "No window is known for this work."
            : window.open
              ? `The season for it is open${window.closes ? ` until ${day(window.closes, today)}` : ""}.`
              : `Not ${when}: ${LIMIT_BECAUSE[window.limiting]}.${window.opens ? ` It opens ${day(window.opens, today)}.` : ""}`}{" "}
          {facts.evergreen
            ? `Evergreens: before the flush, roots at ${celsius(facts.springRootZoneC, units)} and more.`
            : "Deciduous trees: in dormancy."}
        </p>
        <Form className="space-y-4" onSubmit={submit} label="Root renewal in place">
          <div className="grid gap-3 sm:grid-cols-2">
            <SelectField label="How" value={way} onChange={setWay} options={WAYS} />
            <SelectField
              label="Where"
              value={part}
              onChange={(p) => setChosen({ way, part: p })}
              options={(way === "cores" ? SECTORS : SIDES).map((p) => [p, PART_WORDS[p]] as const)}
              hint={`its turn: ${PART_WORDS[next.part]}${next.year > facts.year ? `, from ${next.year}` : ""}`}
            />
            {way === "cores" && (
              <>
                <TextField
                  label="Auger, mm"
                  numeric
                  value={core}
                  onChange={setCore}
                  fault={problems.core ?? (cores ? undefined : "A width from 10 to 120 mm.")}
                />
                <TextField
                  label="Share of the ball, %"
                  numeric
                  value={share}
                  onChange={setShare}
                  hint={`at most ${number(100 * IN_PLACE_FIGURES.coreMostShare)} % a year`}
                />
              </>
            )}
          </div>
          {cores && (
            <Reasoned
              reason={
                <>
                  One hole of {millimetres(cores.coreMm, units)} to two thirds of the depth is{" "}
                  {number((100 * cores.share) / Math.max(1, cores.holes.length), 2)} % of the ball, by area; the number
                  follows. Litres: holes × area × depth; loose mix settles by 12 %. Roots lost: the same share.
                </>
              }
            >
              <Facts
                columns
                testId="cores"
                facts={[
                  ["Holes", number(cores.holes.length)],
                  ["Middle to middle, at least", millimetres(cores.spacingMm, units)],
                  ["Deep", millimetres(cores.depthMm, units)],
                  ["Of the ball", percent(cores.share)],
                  ["Mix out", litres(cores.litres, units)],
                  ["Loose mix in", litres(loose, units)],
                ]}
              />
            </Reasoned>
          )}
          {slice && (
            <Reasoned
              reason={
                <>
                  {percent(slice.share)} of the ball over its full depth; for a round ball the segment of that area. Its
                  shell is denser rooted than its core (× {number(SHELL_DENSITY, 1)}), so about{" "}
                  {percent(1 - slice.retainedShare)} of the roots go.
                </>
              }
            >
              <Facts
                columns
                testId="slice"
                facts={[
                  ["In from the wall", millimetres(slice.depthMm, units)],
                  ["Of the ball", percent(slice.share)],
                  ["Of its roots, about", percent(1 - slice.retainedShare)],
                  ["Mix out", litres(slice.litres, units)],
                  ["Loose mix in", litres(loose, units)],
                ]}
              />
            </Reasoned>
          )}
          {cores?.short && (
            <p className="text-warning font-semibold">
              The outer half holds {number(cores.most)} such holes at most here: fewer than the share asked for.
            </p>
          )}
          {slice?.tooNear && (
            <p className="text-warning font-semibold">
              The cut would come nearer to the trunk than it may: cores instead, or a thinner slice by hand.
            </p>
          )}
          {doneThisYear && (
            <p className="text-warning font-semibold">This was done this year already: once a year at most.</p>
          )}
          <Steps way={way} facts={facts} />
          <fieldset className="border-base-300 rounded-box border p-3">
            <legend className="px-1 font-medium">As it was really done</legend>
            <div className="grid gap-3 sm:grid-cols-2">
              <TextField
                label="Share of roots kept, %"
                numeric
                value={kept}
                onChange={setKept}
                fault={at("retainedShare")}
                hint={`as planned ${percent(retained)}; leave it empty for that`}
              />
              <DayField label="Done on" value={doneOn} onChange={setDoneOn} fault={at("on")} />
              {way === "cores" && (
                <label className="flex min-h-12 cursor-pointer items-center gap-3 sm:col-span-2">
                  <input
                    type="checkbox"
                    className="checkbox"
                    checked={wall}
                    onChange={(e) => setWall(e.target.checked)}
                  />
                  The holes reached the wall and cut what circles there
                </label>
              )}
            </div>
            <FormFaults faults={failure?.faults.filter((f) => !["on", "retainedShare"].includes(f.path)) ?? []} />
            <button
              type="submit"
              className="btn btn-primary mt-3 h-14 w-full text-lg sm:w-auto sm:px-10"
              disabled={busy}
            >
              {busy ? "Recording …" : "Done: record it"}
            </button>
          </fieldset>
        </Form>
        <section aria-labelledby="turns">
          <h2 id="turns" className="text-lg">
            Over the years
          </h2>
          <ol className="list-decimal pl-6" data-testid="turns">
            {turns.map((t) => (
              <li key={`${t.year}-${t.part}`}>
                {t.year}: {PART_WORDS[t.part]}
                {t.done ? ", done" : ""}
              </li>
            ))}
          </ol>
          <p className="text-sm">
            The next side only if this year’s shoots reached {percent(IN_PLACE_FIGURES.shootsShare)} of last year’s;
            never all sides at once.
          </p>
        </section>
      </div>
    </div>
  );
}

/** The work in order, with its stop rules. */
function Steps({ way, facts }: { way: Way; facts: InPlaceFacts }) {
  const { units } = useAsOf();
  const [low, high] = IN_PLACE_FIGURES.noNitrogenWeeks;
  return (
    <ol className="list-decimal space-y-1 pl-5">
      <li>
        Top {millimetres(IN_PLACE_FIGURES.topLowMm, units)} to {millimetres(IN_PLACE_FIGURES.topHighMm, units)} of spent
        mix off, down to the first roots.
      </li>
      {way === "cores" ? (
        <>
          <li>Probe each place with a rod; leave out any that meets wood.</li>
          <li>
            Stop at a root thicker than {millimetres(IN_PLACE_FIGURES.coreStopMm, units)}, and move on by a hole’s
            width.
          </li>
        </>
      ) : (
        <>
          <li>Unbolt the side, or cut from above along the wall.</li>
          <li>
            Slice at full depth; stop at roots thicker than {millimetres(IN_PLACE_FIGURES.sliceStopMm, units)} and work
            round them.
          </li>
        </>
      )}
      <li>Refill with mix as fine as the ball, worked in with a stick; no feed in it.</li>
      <li>Soak twice, and re-wet slowly over the next days.</li>
      <li>
        Guy it against wind, shade it for three weeks, no nitrogen for {number(low)} to {number(high)} weeks
        {facts.evergreen ? "" : " of growth"}.
      </li>
    </ol>
  );
}
