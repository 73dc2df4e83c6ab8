"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/climate/places";
import { useRef, useState } from "react";
import { PLACE_KINDS, type PlaceKind } from "@/core/climate/index";
import { Form, FormFaults, SelectField, TextField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { RoughDateField, useRoughDate } from "@/features/kernel/rough-date";
import { useNotice } from "@/features/kernel/notice";
import { PLACE_WORDS } from "@/words/terms";

/** Carries trees to a place, or to one that is named here. */
export function PlaceTrees({
  treeIds,
  places,
  current,
  onDone = () => undefined,
}: {
  treeIds: string[];
  places: { id: string; name: string }[];
  current: string | null;
  onDone?: () => void;
}) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const place = useCommand("place-trees");
  const add = useCommand("add-place");
  const newId = useRef<string | null>(null);
  const [to, setTo] = useState(current ?? places[0]?.id ?? "new");
  const [on, setOn] = useState(today);
  const readDate = useRoughDate();
  const [fault, setFault] = useState<string | undefined>();
  const [name, setName] = useState("");
  const [kind, setKind] = useState<PlaceKind>("open");

  const submit = async () => {
    const day = readDate(on);
    setFault(day.fault);
    if (!day.range) return;
    let placeId = to;
    if (to === "new") {
      newId.current ??= crypto.randomUUID();
      const made = await add.send({ collectionId, placeId: newId.current, name, kind });
      if (!made) return;
      placeId = newId.current;
      newId.current = null;
    }
    const done = await place.send({ collectionId, treeIds, placeId, on: day.range });
    if (!done) return;
    setTo(placeId);
    tell({
      text: treeIds.length === 1 ? say.moved : say.treesMoved(treeIds.length),
      entryId: done.entryId,
    });
    onDone();
  };
  return (
    <Form className="space-y-3" onSubmit={submit}>
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label={common.place}
          value={to}
          onChange={setTo}
          fault={place.at("placeId")}
          options={[...places.map((p) => [p.id, p.name] as const), ["new", say.aNewPlace] as const]}
        />
        <RoughDateField needed label={say.on} value={on} onChange={setOn} fault={fault ?? place.at("on")} />
        {to === "new" && (
          <>
            <TextField label={say.itsName} value={name} onChange={setName} fault={add.at("name")} />
            <SelectField
              label={say.typeOfPlace}
              value={kind}
              onChange={setKind}
              options={PLACE_KINDS.map((k) => [k, PLACE_WORDS[k]] as const)}
            />
          </>
        )}
      </div>
      <FormFaults faults={[...unplaced(place.failure, ["placeId", "on"]), ...unplaced(add.failure, ["name"])]} />
      <button type="submit" className="btn btn-primary" disabled={place.busy || add.busy}>
        {treeIds.length === 1 ? say.moveIt : say.moveTrees(treeIds.length)}
      </button>
    </Form>
  );
}
