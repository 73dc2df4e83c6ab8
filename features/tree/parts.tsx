"use client";

import { type ReactNode, useCallback, useEffect, useState, useSyncExternalStore } from "react";
import { Icon, type IconName } from "@/ui/icon";
import { PART_WORDS, type TreePartName } from "@/words/tree-page";

const ICONS: Record<TreePartName, IconName> = { roots: "roots", potting: "potting", winter: "winter", log: "note" };

/** Which part is open; null: nobody has said, and a wide screen shows the potting. */
export function useParts() {
  const [open, setOpen] = useState<TreePartName | "none" | null>(null);
  /** Opens the part a form lies in, and the form, and goes there. */
  const reveal = useCallback((id: string) => {
    const element = document.getElementById(id);
    const part = element?.closest<HTMLElement>("[data-part]")?.dataset.part;
    if (!element || !part) return;
    setOpen(part as TreePartName);
    const form = element.closest("details");
    if (form) form.open = true;
    // Once the part is drawn.
    requestAnimationFrame(() => element.scrollIntoView({ block: "start" }));
  }, []);
  useEffect(() => {
    const go = () => window.location.hash.length > 1 && reveal(window.location.hash.slice(1));
    go();
    window.addEventListener("hashchange", go);
    return () => window.removeEventListener("hashchange", go);
  }, [reveal]);
  return { open, setOpen, reveal };
}

/** As wide as the styles' `lg`. */
const WIDE = "(min-width: 64rem)";
function onWidth(changed: () => void) {
  const query = window.matchMedia(WIDE);
  query.addEventListener("change", changed);
  return () => query.removeEventListener("change", changed);
}
const isWide = () => window.matchMedia(WIDE).matches;

/** Four parts, each in a line; one at a time opens beneath. */
export function Parts({
  of,
  parts,
}: {
  of: ReturnType<typeof useParts>;
  parts: readonly { name: TreePartName; says: ReactNode; content: ReactNode }[];
}) {
  const { open, setOpen } = of;
  const wide = useSyncExternalStore(onWidth, isWide, () => true);
  return (
    <div className="mt-5 grid gap-2 lg:grid-cols-4">
      {parts.map(({ name, says, content }) => {
        // Where nobody has chosen, the potting is open on a wide screen.
        const usual = open === null && name === "potting";
        const shown = open === name;
        return (
          <div key={name} className="contents">
            <button
              type="button"
              aria-expanded={shown || (usual && wide)}
              aria-controls={`part-${name}`}
              className={`border-base-300 rounded-box flex min-h-16 items-center gap-3 border px-3 py-2 text-left lg:items-start ${shown ? "bg-base-200 border-primary" : usual ? "lg:bg-base-200 lg:border-primary" : "hover:bg-base-200"}`}
              onClick={() => setOpen(shown || (usual && wide) ? "none" : name)}
            >
              <Icon name={ICONS[name]} size={22} className="lg:mt-1" />
              <span className="min-w-0">
                <span className="block font-semibold">{PART_WORDS[name]}</span>
                <span className="block text-sm">{says}</span>
              </span>
            </button>
            <section
              id={`part-${name}`}
              data-part={name}
              aria-label={PART_WORDS[name]}
              className={`pb-4 lg:order-last lg:col-span-4 ${shown ? "" : usual ? "max-lg:hidden" : "hidden"}`}
            >
              {content}
            </section>
          </div>
        );
      })}
    </div>
  );
}
