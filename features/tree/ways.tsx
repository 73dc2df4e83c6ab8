import type { ReactNode } from "react";

/** Ways on from a part of the page: the pages and works that belong to it. */
export function Ways({ children }: { children: ReactNode }) {
  return <div className="flex flex-wrap gap-2">{children}</div>;
}
