"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/winter/add-place";
import { useRef, useState } from "react";
import { PLACE_KINDS, type PlaceKind } from "@/core/climate/index";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { PLACE_WORDS } from "@/words/terms";

/** One more place to winter in: its name and what it is like; its measures come next. */
export function AddPlace({ onAdded }: { onAdded: (placeId: string) => void }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("add-place");
  const newId = useRef<string | null>(null);
  const [name, setName] = useState("");
  const [kind, setKind] = useState<PlaceKind>("unheated");
  const save = async () => {
    newId.current ??= crypto.randomUUID();
    const done = await send({ collectionId, placeId: newId.current, name, kind });
    if (!done) return;
    tell({ text: say.isThereMeasureItNext(name), entryId: done.entryId });
    onAdded(newId.current);
    newId.current = null;
    setName("");
  };
  return (
    <details className="mt-4">
      <summary className="min-h-11 cursor-pointer py-2">{say.addAPlace}</summary>
      <Form label={say.aNewPlace} onSubmit={save} className="grid max-w-xl items-end gap-3 sm:grid-cols-[1fr_1fr_auto]">
        <TextField label={say.itsName} value={name} onChange={setName} fault={at("name")} />
        <SelectField
          label={common.whatItIsLike}
          value={kind}
          onChange={setKind}
          options={PLACE_KINDS.map((k) => [k, PLACE_WORDS[k]] as const)}
        />
        <button type="submit" className="btn min-h-11" disabled={busy}>
          {say.addIt}
        </button>
        <FormFaults faults={unplaced(failure, ["name"])} />
      </Form>
    </details>
  );
}
