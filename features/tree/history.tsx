"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/tree/history";
import { photoAt } from "@/features/kernel/addresses";
import { useState } from "react";
import { type Happened, type LoggedPayload, eventIs } from "@/core/event/index";
import type { Pot } from "@/core/vessel/index";
import { day } from "@/words/format";
import { Form, SelectField } from "@/ui/fields";
import { useCommand } from "@/features/kernel/use-command";
import { canCorrect } from "@/features/log/correct-draft";
import { CorrectForm } from "@/features/log/correct-form";
import { type EventNames, eventWords } from "@/words/events";
import { useAsOf } from "@/features/kernel/as-of";
import { TAKEN_BACK, useNotice, useUndo } from "@/features/kernel/notice";

/** One event of a tree as its history shows it. */
export interface HistoryItem {
  eventId: string;
  entryId: string;
  on: Happened;
  payload: LoggedPayload;
  potLotId: string | null;
  pot: Pot | null;
  names: EventNames;
  recordedAt: string;
  actor: string;
  /** Undone or corrected events stand in the history, too, with the entry that took them out. */
  standing: "counts" | "undone" | "corrected";
  takenOutBy: string | null;
  /** Belongs to the batch this tree came from. */
  inherited: boolean;
}

export interface TreeChoice {
  id: string;
  tag: string;
  name: string;
}

/** What happened, newest first: what was entered, when, by whom. Each can be corrected, moved to the right tree, taken back. */
export function History({
  treeId,
  plants,
  items,
  lots,
  others,
}: {
  treeId: string;
  plants: number;
  items: HistoryItem[];
  lots: { id: string; name: string }[];
  others: TreeChoice[];
}) {
  const { collectionId, units } = useAsOf();
  const { undo, busy, problem, offer } = useUndo(collectionId);
  const { tell } = useNotice();
  const [all, setAll] = useState(false);
  const [open, setOpen] = useState<{ eventId: string; what: "correct" | "move" } | null>(null);
  const hidden = items.filter((i) => i.standing !== "counts").length;
  const takeBack = async (entryIds: readonly string[], back = false) => {
    const undone = await undo(entryIds);
    if (undone) tell({ text: back ? say.broughtBack : TAKEN_BACK, entryId: undone });
  };
  return (
    <section aria-label={say.whatHappened} id="history" className="scroll-mt-4" data-record="">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-lg">{say.whatHappened}</h2>
        {hidden > 0 && (
          <label className="flex min-h-11 cursor-pointer items-center gap-2 text-sm">
            <input type="checkbox" className="checkbox checkbox-sm" checked={all} onChange={() => setAll(!all)} />
            {say.alsoWhatWasUndoneOr(hidden)}
          </label>
        )}
      </div>
      {problem && (
        <p role="alert" className="text-error font-semibold">
          {problem}{" "}
          {offer && (
            <button type="button" className="btn btn-sm" disabled={busy} onClick={() => void takeBack(offer)}>
              {say.undoTheseTogether(offer.length)}
            </button>
          )}
        </p>
      )}
      <ol className="divide-base-300 divide-y">
        {items
          .filter((item) => all || item.standing === "counts")
          .map((item) => {
            const words = eventWords(item.payload, item.names, units);
            const opened = open?.eventId === item.eventId ? open.what : null;
            return (
              <li key={item.eventId} className="py-2">
                <div className="flex flex-wrap items-start gap-x-3 gap-y-1">
                  <Told item={item} words={words} />
                  <Actions
                    item={item}
                    words={words}
                    busy={busy}
                    opened={opened}
                    movable={others.length > 0}
                    onOpen={(what) => setOpen(what === null ? null : { eventId: item.eventId, what })}
                    onUndo={() => void takeBack([item.entryId])}
                    onBack={(entryId) => void takeBack([entryId], true)}
                  />
                </div>
                {opened === "correct" && canCorrect(item.payload) && (
                  <CorrectForm
                    event={{
                      eventId: item.eventId,
                      treeId,
                      on: item.on,
                      potLotId: item.potLotId,
                      pot: item.pot,
                      payload: item.payload,
                      plants,
                    }}
                    lots={lots}
                    onDone={() => setOpen(null)}
                  />
                )}
                {opened === "move" && <MoveForm eventId={item.eventId} others={others} onDone={() => setOpen(null)} />}
              </li>
            );
          })}
      </ol>
    </section>
  );
}

/** What happened and when, who recorded it, with its photograph. */
function Told({ item, words }: { item: HistoryItem; words: string }) {
  const { collectionId } = useAsOf();
  return (
    <>
      {item.payload.kind === "photographed" && (
        <a href={photoAt(collectionId, item.payload.photoId)} target="_blank" rel="noreferrer" className="shrink-0">
          {/* Stored pictures are already small, and are served by this machine. */}
          {/* eslint-disable-next-line @next/next/no-img-element */}
          <img
            src={photoAt(collectionId, item.payload.photoId, "?size=thumb")}
            alt={say.photographOf(day(item.on.best))}
            width={72}
            height={72}
            loading="lazy"
            className="rounded"
          />
        </a>
      )}
      <span className={`min-w-0 flex-1 basis-64 break-words ${item.standing === "counts" ? "" : "line-through"}`}>
        <b>{item.on.from === item.on.to ? day(item.on.best) : say.betweenAnd(day(item.on.from), day(item.on.to))}</b>{" "}
        {words}
        <span className="block text-xs opacity-80">
          {say.recordedBy(day(item.recordedAt.slice(0, 10)), item.actor)}
          {item.inherited && say.forTheBatchItCame}
          {item.standing === "undone" && say.undone}
          {item.standing === "corrected" && say.correctedSince}
        </span>
      </span>
    </>
  );
}

/** What may be done with an entry: put right, moved to another tree, undone, brought back. */
function Actions({
  item,
  words,
  busy,
  opened,
  movable,
  onOpen,
  onUndo,
  onBack,
}: {
  item: HistoryItem;
  words: string;
  busy: boolean;
  opened: "correct" | "move" | null;
  /** There is another tree it may have been. */
  movable: boolean;
  onOpen: (what: "correct" | "move" | null) => void;
  onUndo: () => void;
  onBack: (entryId: string) => void;
}) {
  const counts = item.standing === "counts" && !item.inherited;
  return (
    <span className="flex flex-wrap gap-1">
      {counts && canCorrect(item.payload) && (
        <button
          type="button"
          className="btn btn-sm"
          aria-expanded={opened === "correct"}
          aria-label={say.correctThis(words)}
          onClick={() => onOpen(opened === "correct" ? null : "correct")}
        >
          {say.correct}
        </button>
      )}
      {counts && eventIs(item.payload.kind, "movable") && movable && (
        <button
          type="button"
          className="btn btn-sm"
          aria-expanded={opened === "move"}
          aria-label={say.thatWasAnotherTree(words)}
          onClick={() => onOpen(opened === "move" ? null : "move")}
        >
          {say.wrongTree}
        </button>
      )}
      {counts && (
        <button type="button" className="btn btn-sm" disabled={busy} aria-label={say.undo(words)} onClick={onUndo}>
          {common.undo}
        </button>
      )}
      {item.standing !== "counts" && item.takenOutBy !== null && (
        <button
          type="button"
          className="btn btn-sm"
          disabled={busy}
          aria-label={say.bringBack(words)}
          onClick={() => onBack(item.takenOutBy!)}
        >
          {common.bringBack}
        </button>
      )}
    </span>
  );
}

/** "That was the other tree." */
function MoveForm({ eventId, others, onDone }: { eventId: string; others: TreeChoice[]; onDone: () => void }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure } = useCommand("reassign-event");
  const [to, setTo] = useState("");
  const submit = async () => {
    const done = await send({ collectionId, eventId, toTreeId: to });
    if (!done) return;
    tell({ text: say.movedTo(others.find((t) => t.id === to)?.tag ?? say.theOtherTree), entryId: done.entryId });
    onDone();
  };
  return (
    <Form
      label={say.moveToAnotherTree}
      className="border-accent bg-base-200 rounded-box mt-2 flex flex-wrap items-end gap-3 border-l-4 p-3"
      onSubmit={submit}
    >
      <SelectField
        className="basis-72"
        label={say.itWasThisTree}
        value={to}
        onChange={setTo}
        fault={failure?.faults[0]?.message}
        options={[["", "choose …"] as const, ...others.map((t) => [t.id, `${t.tag} · ${t.name}`] as const)]}
      />
      <button type="submit" className="btn btn-primary" disabled={busy || to === ""}>
        {say.moveIt}
      </button>
      <button type="button" className="btn" onClick={onDone}>
        {common.leaveIt}
      </button>
    </Form>
  );
}
