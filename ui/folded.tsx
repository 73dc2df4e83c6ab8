"use client";

import { type ReactNode, useState } from "react";

/** What is there when it is wanted: made when it is first opened. */
export function Folded({
  id,
  title,
  open = false,
  className = "",
  children,
}: {
  id?: string;
  title: ReactNode;
  /** Open by itself: from the beginning, or where a fault stands in it. */
  open?: boolean;
  className?: string;
  children: ReactNode;
}) {
  const [opened, setOpened] = useState(open);
  return (
    <details
      id={id}
      open={open}
      className={`border-base-300 rounded-box scroll-mt-4 border px-3 py-2 ${className}`}
      onToggle={(e) => e.currentTarget.open && setOpened(true)}
    >
      <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">{title}</summary>
      <div className="pb-2">{(opened || open) && children}</div>
    </details>
  );
}
