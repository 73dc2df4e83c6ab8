"use client";

import { type ReactNode, useState } from "react";

/** A form that is there when it is wanted: made when it is first opened. */
export function Folded({ id, title, children }: { id: string; title: string; children: ReactNode }) {
  const [opened, setOpened] = useState(false);
  return (
    <details
      id={id}
      className="border-base-300 rounded-box scroll-mt-4 border px-3 py-2"
      onToggle={(e) => e.currentTarget.open && setOpened(true)}
    >
      <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">{title}</summary>
      <div className="pb-2">{opened && children}</div>
    </details>
  );
}
