import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/species";
import type { CSSProperties } from "react";
import { day, month } from "@/words/format";
import { FROST, OCHRE, TWIG, woodTone } from "@/ui/tones";

/** One line of a kind's year: what it is, and from when to when. */
export interface YearRow {
  key: string;
  name: string;
  tone: "leafless" | "shoots" | "bloom" | "fruit" | "frost" | "work";
  stretches: { from: string; to: string }[];
}

const TONE: Record<YearRow["tone"], CSSProperties> = {
  leafless: { background: TWIG },
  shoots: { background: woodTone(0) },
  bloom: { background: "#b87a92" },
  fruit: { background: OCHRE },
  frost: { background: `repeating-linear-gradient(135deg, ${FROST} 0 3px, transparent 3px 6px)` },
  work: { background: woodTone(0.8) },
};

const DAY_MS = 86_400_000;
const at = (iso: string) => Date.parse(iso) / DAY_MS;

/** Twelve months of a kind at this site, a bar a line; what the bars say stands beside them in words. */
export function YearPicture({ from, days, rows }: { from: string; days: number; rows: readonly YearRow[] }) {
  const start = at(from);
  const share = (iso: string) => (100 * (at(iso) - start)) / days;
  const months = Array.from({ length: 12 }, (_, k) => {
    const [year, first] = from.split("-").map(Number);
    const index = first - 1 + k;
    return `${year + Math.floor(index / 12)}-${String((index % 12) + 1).padStart(2, "0")}-01`;
  });
  const words = (row: YearRow) =>
    row.stretches.length === 0
      ? "never"
      : row.stretches.map((s) => common.to(day(s.from, from), day(s.to, from))).join("; ");
  return (
    <figure className="max-w-4xl" aria-label={say.itsYearHere} data-testid="kind-year">
      <div className="grid grid-cols-[6.5rem_minmax(0,1fr)] gap-x-2 text-sm sm:grid-cols-[9rem_minmax(0,1fr)]">
        <span />
        <div className="relative h-5" aria-hidden="true">
          {months.map((iso) => (
            <span key={iso} className="absolute top-0 text-xs" style={{ left: `${share(iso)}%` }}>
              {month(iso).slice(0, 1)}
              <span className="hidden sm:inline">{month(iso).slice(1, 3)}</span>
            </span>
          ))}
        </div>
        {rows.map((row) => (
          <div key={row.key} className="contents">
            <span className="py-1 leading-tight">{row.name}</span>
            <div className="bg-base-200 relative my-1 h-5 self-center rounded-sm" title={words(row)}>
              {months.slice(1).map((iso) => (
                <span
                  key={iso}
                  className="border-base-300 absolute inset-y-0 border-l"
                  style={{ left: `${share(iso)}%` }}
                />
              ))}
              {row.stretches.map((s) => (
                <span
                  key={s.from}
                  className="absolute inset-y-0.5 rounded-sm"
                  style={{
                    ...TONE[row.tone],
                    left: `${share(s.from)}%`,
                    width: `${Math.max(0.8, share(s.to) - share(s.from) + 100 / days)}%`,
                  }}
                />
              ))}
              <span className="sr-only">{words(row)}</span>
            </div>
          </div>
        ))}
      </div>
    </figure>
  );
}
