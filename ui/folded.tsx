"use client";

import { type ReactNode, useEffect, useRef, useState } from "react";

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
  /** Opens by itself: from the beginning, or once a fault stands in it. It never closes by itself. */
  open?: boolean;
  className?: string;
  children: ReactNode;
}) {
  const [first] = useState(open);
  const [opened, setOpened] = useState(open);
  const element = useRef<HTMLDetailsElement>(null);
  useEffect(() => {
    if (open && element.current) element.current.open = true;
  }, [open]);
  return (
    <details
      ref={element}
      id={id}
      open={first}
      className={`border-base-300 rounded-box scroll-mt-4 border px-3 py-2 ${className}`}
      onToggle={(e) => e.currentTarget.open && setOpened(true)}
    >
      <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">{title}</summary>
      <div className="pb-2">{(opened || open) && children}</div>
    </details>
  );
}
