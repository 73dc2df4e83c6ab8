import type { ReactNode } from "react";

/** A 64 px answer for a thumb. */
export function Choice({
  chosen,
  onClick,
  children,
  className = "",
}: {
  chosen: boolean;
  onClick: () => void;
  children: ReactNode;
  className?: string;
}) {
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onClick}
      className={`rounded-field flex min-h-16 flex-col items-center justify-center border-2 px-2 ${chosen ? "border-primary bg-base-200" : "border-base-300"} ${className}`}
    >
      {children}
    </button>
  );
}

/** On or off at a tap, 48 px high: what is on carries a tick, too. */
export function Toggle({
  on,
  onToggle,
  children,
}: {
  on: boolean;
  onToggle: (on: boolean) => void;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={() => onToggle(!on)}
      className={`rounded-field min-h-12 border-2 px-2 text-sm ${on ? "border-primary bg-base-200 font-semibold" : "border-base-300"}`}
    >
      {on ? "✓ " : ""}
      {children}
    </button>
  );
}
