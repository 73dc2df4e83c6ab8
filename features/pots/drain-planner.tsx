"use client";

import * as say from "@/words/pages/pots/drain";
import { useState } from "react";
import { DRAIN_GOOD_SHARE, DRAIN_LEAST_HOLES, DRAIN_LEAST_SHARE, drainHoles } from "@/core/vessel/index";
import { number, percent, readNumber } from "@/words/format";
import { Caution, SelectField, TextField } from "@/ui/fields";

const percent1 = (share: number) => `${number(100 * share, 1)} %`;

/** How many holes a base still wants, and of what size. */
export function DrainPlanner() {
  const [shape, setShape] = useState<"round" | "rectangle">("rectangle");
  const [length, setLength] = useState("500");
  const [width, setWidth] = useState("500");
  const [existing, setExisting] = useState("1");
  const [existingMm, setExistingMm] = useState("20");
  const [bit, setBit] = useState("16");
  const [l, w, drill, hole] = [length, width, bit, existingMm].map((t) => readNumber(t, "mm"));
  const there = readNumber(existing);
  const problems = {
    length: shape === "rectangle" && !(l >= 30 && l <= 5000) ? "30 to 5,000 mm." : undefined,
    width: w >= 30 && w <= 5000 ? undefined : "30 to 5,000 mm.",
    existing: Number.isInteger(there) && there >= 0 ? undefined : say.aWholeNumber0Or,
    existingMm: there > 0 && !(hole >= 2 && hole <= 200) ? "2 to 200 mm." : undefined,
    bit: drill >= 4 && drill <= 150 ? undefined : "4 to 150 mm.",
  };
  const area = shape === "round" ? (Math.PI / 4) * (w / 1000) ** 2 : (l / 1000) * (w / 1000);
  const plan = Object.values(problems).every((p) => p === undefined)
    ? drainHoles({ baseAreaM2: area, holeMm: drill, existing: there, existingMm: there > 0 ? hole : drill })
    : null;
  return (
    <section aria-label={say.drainHoles}>
      <h2 className="text-xl">{say.drainHoles}</h2>
      <div className="mt-2 flex flex-wrap gap-3">
        <SelectField
          className="w-44"
          label={say.theBaseIs}
          value={shape}
          onChange={setShape}
          options={[
            ["rectangle", "rectangular"],
            ["round", "round"],
          ]}
        />
        {shape === "rectangle" && (
          <TextField
            className="w-32"
            label="long"
            numeric
            suffix="mm"
            value={length}
            onChange={setLength}
            fault={problems.length}
          />
        )}
        <TextField
          className="w-32"
          label={shape === "round" ? "across" : "wide"}
          numeric
          suffix="mm"
          value={width}
          onChange={setWidth}
          fault={problems.width}
        />
        <TextField
          className="w-32"
          label={say.holesThereAre}
          numeric
          value={existing}
          onChange={setExisting}
          fault={problems.existing}
        />
        <TextField
          className="w-32"
          label={say.eachOf}
          numeric
          suffix="mm"
          value={existingMm}
          onChange={setExistingMm}
          fault={problems.existingMm}
        />
        <TextField
          className="w-32"
          label={say.yourDrill}
          numeric
          suffix="mm"
          value={bit}
          onChange={setBit}
          fault={problems.bit}
        />
      </div>
      {plan && (
        <p className="mt-2 max-w-prose" data-testid="drain">
          <b>
            {plan.toDrill === 0
              ? say.holesEnough
              : say.drillMoreInAllOf(number(plan.toDrill), number(plan.wanted), percent1(plan.shareAfter))}
          </b>
          {say.isTheLeastIsGood(
            plan.share > 0 ? say.nowIsOpen(percent1(plan.share)) : say.nowNoneIsOpen,
            percent1(DRAIN_LEAST_SHARE),
            percent(DRAIN_GOOD_SHARE),
            DRAIN_LEAST_HOLES,
          )}
        </p>
      )}
      <Caution className="mt-3 max-w-prose">
        <p>{say.drillingEyeProtectionTwoHands}</p>
      </Caution>
    </section>
  );
}
