"use client";

import * as say from "@/words/pages/winter/pot";
import { STANDS, WRAPS } from "@/core/winter/index";
import { SelectField } from "@/ui/fields";
import type { Asked, Group } from "./facts";
import { STAND_WORDS, WRAP_WORDS } from "@/words/winter";
import { GROUPS } from "./use-outlooks";

/** What may be tried: how the pot stands, what it wears, its company. */
export function StandFields({
  asked,
  set,
}: {
  asked: Asked;
  set: <K extends keyof Asked>(key: K, value: Asked[K]) => void;
}) {
  return (
    <section
      aria-label={say.howItStands}
      className="no-print border-base-300 rounded-box mt-3 grid gap-3 border p-3 sm:grid-cols-3 lg:grid-cols-5"
    >
      <SelectField
        label={say.stands}
        value={asked.stand}
        onChange={(v) => set("stand", v)}
        options={STANDS.map((s) => [s, STAND_WORDS[s]] as const)}
      />
      <SelectField
        label={say.wrappedIn}
        value={asked.wrap}
        onChange={(v) => set("wrap", v)}
        options={[["none", "nothing"], ...WRAPS.map((w) => [w, WRAP_WORDS[w]] as const)]}
      />
      <SelectField
        label={say.company}
        value={asked.group}
        onChange={(v) => set("group", v)}
        options={(Object.keys(GROUPS) as Group[]).map((g) => [g, GROUPS[g].words] as const)}
      />
      <SelectField
        label={say.water}
        value={asked.water}
        onChange={(v) => set("water", v)}
        options={[
          ["wet", say.wateredBeforeFrost],
          ["dry", say.nearlyDry],
        ]}
      />
      <SelectField
        label={say.onTheMix}
        value={asked.mulch}
        onChange={(v) => set("mulch", v)}
        options={[
          ["none", "nothing"],
          ["straw", say.strawAHandsBreadth],
        ]}
      />
    </section>
  );
}
