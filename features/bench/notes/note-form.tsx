"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/bench/notes";
import { useRef, useState } from "react";
import { Field, Form, FormFaults } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { usePhotoUpload } from "./use-photo";

/** A remark, and a picture if there is one. */
export function NoteForm({ treeId, tag }: { treeId: string; tag: string }) {
  const { collectionId, today } = useAsOf();
  const { tell } = useNotice();
  const { send, busy, failure, at } = useCommand("add-note");
  const [text, setText] = useState("");

  const submit = async () => {
    const done = await send({ collectionId, treeId, on: today, text });
    if (!done) return;
    tell({ text: say.noteOnKept(tag), entryId: done.entryId });
    setText("");
  };

  return (
    <div className="space-y-4">
      <Form className="space-y-2" onSubmit={submit}>
        <Field label={common.note} fault={at("text")}>
          {(aria) => (
            <textarea
              {...aria}
              className="textarea w-full"
              rows={3}
              value={text}
              onChange={(e) => setText(e.target.value)}
            />
          )}
        </Field>
        <FormFaults faults={unplaced(failure, ["text"])} />
        <button type="submit" className="btn" disabled={busy || text.trim() === ""}>
          {say.keepThisNote}
        </button>
      </Form>
      <PhotoField treeId={treeId} tag={tag} />
    </div>
  );
}

/** A photograph of a tree, sent as soon as it is chosen or taken. */
export function PhotoField({ treeId, tag, onDone }: { treeId: string; tag: string; onDone?: () => void }) {
  const { today } = useAsOf();
  const { tell } = useNotice();
  const photo = usePhotoUpload();
  const input = useRef<HTMLInputElement>(null);
  const upload = async (file: File | undefined) => {
    if (!file) return;
    const done = await photo.upload(treeId, today, file);
    if (input.current) input.current.value = "";
    if (!done) return;
    tell({ text: say.photographOfKeptWhereIt(tag), entryId: done.entryId });
    onDone?.();
  };
  return (
    <Field label={say.photograph} fault={photo.fault} hint={say.madeSmallerAndKeptWithout}>
      {(aria) => (
        <input
          {...aria}
          ref={input}
          type="file"
          accept="image/jpeg,image/png,image/webp,image/*"
          className="file-input w-full"
          disabled={photo.busy}
          onChange={(e) => void upload(e.target.files?.[0])}
        />
      )}
    </Field>
  );
}
