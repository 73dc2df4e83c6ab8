import { mulberry32 } from "@/core/random/index";
import { INK, rootTone, SOIL } from "./tones";

export type FaceKind = "side" | "base" | "top";

/** Strokes that show how full a ball is, by grade; how many turn, and how thick they are. */
const STROKES = [10, 34, 90, 260, 520];
const TURNS: { count: number; width: number; jitter: number }[] = [
  { count: 0, width: 0, jitter: 0 },
  { count: 4, width: 1, jitter: 3 },
  { count: 13, width: 1.3, jitter: 3 },
  { count: 17, width: 2.3, jitter: 2 },
  { count: 6, width: 5.4, jitter: 0.8 },
];
/** Mix showing between the roots, less and less of it. */
const GROUND = ["#8f714d", "#957750", "#9c7f58", "#b3865a", rootTone(0.72)];
const ROOT = "#f6ecd2";
const ROOT_SHADE = "#8a5a36";
const WOODY = "#7a4a28";

const f = (n: number) => n.toFixed(1);

/**
 * One face of a root ball, drawn from its grades (0–4): mix behind, roots over it, what turns in front. The same grades always draw
 * the same picture.
 */
export function RootFace({
  face,
  fill,
  circling,
  girdler = false,
  flareHidden = false,
  label,
  className = "",
}: {
  face: FaceKind;
  fill: number;
  circling: number;
  girdler?: boolean;
  flareHidden?: boolean;
  /** What the picture shows, for those who do not see it; left out where words stand beside it. */
  label?: string;
  className?: string;
}) {
  const draw = face === "side" ? sideFace : roundFace;
  const { outline, roots, turns, crumbs } = draw(Math.round(fill), Math.round(circling), face);
  const turn = TURNS[Math.round(circling)];
  const id = `f-${face}-${Math.round(fill)}-${Math.round(circling)}`;
  return (
    <svg
      viewBox="0 0 160 124"
      className={`block h-auto w-full ${className}`}
      {...(label ? { role: "img", "aria-label": label } : { "aria-hidden": true })}
    >
      <clipPath id={id}>
        <path d={outline} />
      </clipPath>
      {crumbs && <path d={crumbs} fill={SOIL} />}
      <path d={outline} fill={GROUND[Math.round(fill)]} stroke={INK} strokeWidth="1.2" />
      <g clipPath={`url(#${id})`} fill="none" strokeLinecap="round">
        <path d={roots} stroke={ROOT_SHADE} strokeWidth="1.9" opacity=".55" />
        <path d={roots} stroke={ROOT} strokeWidth="1.1" />
        {turns && (
          <>
            <path d={turns} stroke={INK} strokeWidth={turn.width + 1.4} opacity=".75" />
            <path d={turns} stroke={circling >= 4 ? WOODY : "#e2c391"} strokeWidth={turn.width} />
          </>
        )}
      </g>
      {face === "top" && <Stem girdler={girdler || circling >= 4} flareHidden={flareHidden} />}
    </svg>
  );
}

/** The stem from above, its first roots, and a root across it. */
function Stem({ girdler, flareHidden }: { girdler: boolean; flareHidden: boolean }) {
  const angles = [0.3, 1.4, 2.6, 3.7, 5.1];
  return (
    <g>
      {!flareHidden &&
        angles.map((a) => (
          <path
            key={a}
            d={`M80 62L${f(80 + 30 * Math.cos(a))} ${f(62 + 30 * Math.sin(a))}`}
            stroke={WOODY}
            strokeWidth="7"
            strokeLinecap="round"
          />
        ))}
      <circle cx="80" cy="62" r={flareHidden ? 9 : 13} fill="#5e4126" stroke={INK} />
      <circle cx="80" cy="62" r="4" fill="#a7835a" />
      {girdler && (
        <path d="M54 50C66 78 92 82 106 62" fill="none" stroke="#d9a05a" strokeWidth="6.5" strokeLinecap="round" />
      )}
      {girdler && <path d="M54 50C66 78 92 82 106 62" fill="none" stroke={INK} strokeWidth="1" strokeDasharray="3 3" />}
    </g>
  );
}

interface Drawing {
  outline: string;
  roots: string;
  turns: string | null;
  crumbs: string | null;
}

function sideFace(fill: number, circling: number): Drawing {
  const random = mulberry32(11 + 7 * fill + circling);
  const [top, base, y0, y1] = [66, 52, 10, 112];
  const ragged = Math.max(0, 2 - fill) * 5;
  const edge = (x: number, y: number) => `${f(x + (random() - 0.5) * ragged)} ${f(y + (random() - 0.5) * ragged)}`;
  const points: string[] = [];
  for (let i = 0; i <= 8; i++) points.push(edge(80 - top + (2 * top * i) / 8, y0));
  for (let i = 1; i <= 8; i++) points.push(edge(80 + top - ((top - base) * i) / 8, y0 + ((y1 - y0) * i) / 8));
  for (let i = 1; i <= 8; i++) points.push(edge(80 + base - (2 * base * i) / 8, y1));
  for (let i = 1; i < 8; i++) points.push(edge(80 - base - ((top - base) * i) / 8, y1 - ((y1 - y0) * i) / 8));
  let roots = "";
  for (let i = 0; i < STROKES[fill]; i++) {
    const x = 80 + (random() - 0.5) * 2 * top;
    const y = y0 + random() * (y1 - y0) * 0.9;
    const lean = (x - 80) * 0.12 + (random() - 0.5) * 14;
    const length = 8 + random() * 20;
    roots += `M${f(x)} ${f(y)}q${f(lean * 0.2)} ${f(length * 0.5)} ${f(lean)} ${f(length)}`;
  }
  const { count, jitter } = TURNS[circling];
  let turns = "";
  for (let i = 0; i < count; i++) {
    // What turns lies at the wall, most of it near the base.
    const y = circling >= 4 ? 28 + (i * 78) / count : y1 - 6 - random() ** 1.7 * 80;
    const sag = 4 + random() * 4;
    const from = circling < 2 ? 20 + random() * 50 : 8;
    const to = circling < 2 ? from + 40 + random() * 30 : 152;
    const wave = () => f((random() - 0.5) * 2 * jitter);
    turns += `M${f(from)} ${f(y)}C${f(from + 35)} ${f(y + sag + Number(wave()))} ${f(to - 35)} ${f(y + sag + Number(wave()))} ${f(to)} ${f(y + Number(wave()))}`;
  }
  let crumbs = "";
  for (let i = 0; i < [26, 12, 0, 0, 0][fill]; i++) {
    const r = 0.9 + random() * 1.8;
    const left = random() < 0.5;
    crumbs += dot(left ? 6 + random() * 18 : 136 + random() * 18, 60 + random() * 58, r);
  }
  return { outline: `M${points.join("L")}Z`, roots, turns: turns || null, crumbs: crumbs || null };
}

const dot = (x: number, y: number, r: number) =>
  `M${f(x - r)} ${f(y)}a${f(r)} ${f(r)} 0 1 0 ${f(2 * r)} 0a${f(r)} ${f(r)} 0 1 0 ${f(-2 * r)} 0Z`;

/** Base or top: roots run out from the middle; what turns lies in rings along the wall. */
function roundFace(fill: number, circling: number, face: FaceKind): Drawing {
  const random = mulberry32((face === "top" ? 91 : 47) + 7 * fill + circling);
  const [cx, cy, r] = [80, 62, 54];
  const sparse = face === "top" ? 0.45 : 1;
  let roots = "";
  for (let i = 0; i < STROKES[fill] * sparse; i++) {
    const a = random() * 2 * Math.PI;
    const from = random() * r * 0.75;
    const to = Math.min(r * 0.98, from + 10 + random() * 20);
    const bend = (random() - 0.5) * 0.5;
    const p = (d: number, turn: number) => `${f(cx + d * Math.cos(a + turn))} ${f(cy + d * Math.sin(a + turn))}`;
    roots += `M${p(from, 0)}Q${p((from + to) / 2, bend)} ${p(to, bend * 0.6)}`;
  }
  const { count, jitter } = TURNS[circling];
  let turns = "";
  for (let i = 0; i < count; i++) {
    const d = circling >= 4 ? r * (0.52 + (0.42 * i) / count) : r * (0.96 - random() * (circling >= 3 ? 0.75 : 0.3));
    const start = random() * 2 * Math.PI;
    const sweep = circling < 2 ? 0.7 + random() * 0.8 : 2 + random() * (circling >= 3 ? 3.6 : 2);
    const wobble = d + (random() - 0.5) * jitter;
    const at = (t: number) => `${f(cx + wobble * Math.cos(start + t))} ${f(cy + wobble * Math.sin(start + t))}`;
    turns += `M${at(0)}A${f(wobble)} ${f(wobble)} 0 ${sweep > Math.PI ? 1 : 0} 1 ${at(sweep)}`;
  }
  return {
    outline: `M${cx - r} ${cy}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`,
    roots,
    turns: turns || null,
    crumbs: null,
  };
}
