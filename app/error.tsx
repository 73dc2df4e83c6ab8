"use client";

import { Trouble } from "@/features/kernel/trouble";

export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <Trouble
      again={() => {
        reset();
        window.location.reload();
      }}
    />
  );
}
