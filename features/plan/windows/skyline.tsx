const HEIGHT = 22;
const HEDGE = "#55683f";

/** A hedge through the year whose top sinks as more of the yard is open. */
export function Skyline({
  openByWeek,
  records,
  label,
}: {
  openByWeek: readonly number[];
  records: number;
  label: string;
}) {
  const n = openByWeek.length;
  const y = (open: number) => HEIGHT * (records === 0 ? 0 : open / records);
  const top = openByWeek.map((v, w) => `L${w} ${y(v).toFixed(2)}L${w + 1} ${y(v).toFixed(2)}`).join("");
  return (
    <svg
      viewBox={`0 0 ${n} ${HEIGHT}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={label}
      className="order-3 col-span-2 block h-6 w-full sm:order-none sm:col-span-1"
    >
      <rect width={n} height={HEIGHT} fill="#f3ead2" />
      <path d={`M0 ${HEIGHT}${top}L${n} ${HEIGHT}Z`} fill={HEDGE} />
      <rect width={n} height="1.4" y={HEIGHT - 1.4} fill="#8d7355" />
    </svg>
  );
}
