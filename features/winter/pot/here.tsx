"use client";

import * as say from "@/words/pages/winter/pot";
import { usePathname, useRouter } from "next/navigation";
import { SelectField } from "@/ui/fields";

/** Where the winter is asked about, and which: this one as far as it is known, or any. */
export function Here({
  facts,
}: {
  facts: { here: string; any: boolean; places: readonly { id: string; name: string }[] };
}) {
  const router = useRouter();
  const path = usePathname();
  const go = (here: string, any: boolean) =>
    router.push(`${path}?${new URLSearchParams({ at: here, ...(any ? { winter: "any" } : {}) }).toString()}`);
  return (
    <div className="no-print mt-3 grid max-w-2xl gap-3 sm:grid-cols-2">
      <SelectField
        label={say.asIfItStoodIn}
        value={facts.here}
        onChange={(here) => go(here, facts.any)}
        options={facts.places.map((p) => [p.id, p.name] as const)}
      />
      <SelectField
        label={say.whichWinter}
        value={facts.any ? "any" : "this"}
        onChange={(v) => go(facts.here, v === "any")}
        options={[
          ["this", say.thisOneRecordAndForecast],
          ["any", say.anyWinterOfTheSite],
        ]}
      />
    </div>
  );
}
