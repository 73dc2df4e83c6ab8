"use client";

import { treeAt } from "@/features/kernel/addresses";
import Link from "next/link";
import { useState } from "react";
import { Form, FormFaults } from "@/ui/fields";
import { DayField } from "@/features/kernel/rough-date";
import { useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { CIRCLING_GRADES, FILL_GRADES } from "@/words/terms";
import { Grades } from "./grades";

/** A look at the ball in two grades. It corrects the state from its day on and narrows this tree's own pace. */
export function RootCheck({ treeId, tag }: { treeId: string; tag: string }) {
  const { collectionId, today, on } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("record-roots");
  const [fill, setFill] = useState<number | null>(null);
  const [circling, setCircling] = useState<number | null>(null);
  const [seenOn, setSeenOn] = useState<string | null>(null);
  const date = seenOn ?? (on < today ? on : today);

  const submit = async () => {
    const done = await send({
      collectionId,
      treeId,
      on: date,
      fillGrade: fill,
      circlingGrade: circling,
    });
    if (!done) return;
    tell({ text: `${tag}: what you saw is in the picture.`, entryId: done.entryId });
    setFill(null);
    setCircling(null);
    setSeenOn(null);
  };

  return (
    <section id="roots" aria-label="Check the roots" className="scroll-mt-4">
      <h2 className="text-lg">Check the roots</h2>
      <p className="text-sm">
        Water the day before, invert over the hand, never pull on the trunk. Gloves.{" "}
        <Link prefetch={false} className="link" href={treeAt(collectionId, treeId, "roots")}>
          Check it face by face, with pictures
        </Link>
      </p>
      <Form className="mt-2 space-y-3" onSubmit={submit}>
        <Grades legend="How full" words={FILL_GRADES} value={fill} onChange={setFill} name="fill" />
        <Grades
          legend="Circling roots"
          words={CIRCLING_GRADES}
          value={circling}
          onChange={setCircling}
          name="circling"
        />
        <DayField className="max-w-52" label="Seen on" value={date} onChange={setSeenOn} fault={at("on")} />
        <FormFaults faults={failure?.faults.filter((f) => f.path !== "on") ?? []} />
        <button type="submit" className="btn btn-primary" disabled={busy || (fill === null && circling === null)}>
          {busy ? "Recording …" : "Record what I see"}
        </button>
      </Form>
    </section>
  );
}
