"use client";

import {
  Bar,
  BarChart,
  CartesianGrid,
  Legend,
  Line,
  LineChart,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import type { SeasonArea } from "@/core/ladder/index";
import { number } from "@/words/format";
import { FROST, INK, OCHRE, SOIL } from "@/ui/tones";
import { yearWords } from "@/words/ladder";

const AXIS = { fontSize: 12, fill: INK };

/** Room on the ground by season, in summer and of what is carried in. */
export function AreasChart({ areas, southern }: { areas: readonly SeasonArea[]; southern: boolean }) {
  const data = areas.map((a) => ({ season: yearWords(a.season, southern), summer: a.summerM2, winter: a.winterM2 }));
  return (
    <ResponsiveContainer width="100%" height={200}>
      <LineChart data={data} margin={{ top: 8, right: 12, bottom: 0, left: 0 }} accessibilityLayer={false}>
        <CartesianGrid stroke="#ded5c4" vertical={false} />
        <XAxis dataKey="season" tick={AXIS} />
        <YAxis tick={AXIS} width={44} tickFormatter={(v: number) => number(v, v < 10 ? 1 : 0)} />
        <Tooltip formatter={(v) => `${number(Number(v), 1)} m²`} />
        <Legend />
        <Line dataKey="summer" name="in summer, m²" stroke={OCHRE} strokeWidth={2.5} isAnimationActive={false} />
        <Line
          dataKey="winter"
          name="carried in, m²"
          stroke={FROST}
          strokeWidth={2.5}
          strokeDasharray="6 3"
          isAnimationActive={false}
        />
      </LineChart>
    </ResponsiveContainer>
  );
}

/** Money for pots and mix by season. */
export function MoneyChart({
  years,
  currency,
  southern,
}: {
  years: readonly { season: number; money: number }[];
  currency: string;
  southern: boolean;
}) {
  const data = years.map((y) => ({ season: yearWords(y.season, southern), money: y.money }));
  return (
    <ResponsiveContainer width="100%" height={200}>
      <BarChart data={data} margin={{ top: 8, right: 12, bottom: 0, left: 0 }} accessibilityLayer={false}>
        <CartesianGrid stroke="#ded5c4" vertical={false} />
        <XAxis dataKey="season" tick={AXIS} />
        <YAxis tick={AXIS} width={52} tickFormatter={(v: number) => number(v)} />
        <Tooltip formatter={(v) => `${number(Number(v))} ${currency}`} />
        <Bar dataKey="money" name={`pots and mix, ${currency}`} fill={SOIL} isAnimationActive={false} />
      </BarChart>
    </ResponsiveContainer>
  );
}
