"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/shell/record";
import Link from "next/link";
import { type ReactNode, useEffect, useRef, useState } from "react";
import type { RecordChoices } from "@/contract/queries";
import { pageAt, treeAt } from "@/features/kernel/addresses";
import { ask } from "@/features/kernel/ask";
import { useAsOf } from "@/features/kernel/as-of";
import type { Chosen, RecordWish } from "@/features/kernel/record-wish";
import { MeasureForm } from "@/features/tree/measure/measure-form";
import { PhotoField } from "@/features/bench/notes/note-form";
import { PlaceTrees } from "@/features/climate/places/place-trees";
import { useTreeSearch } from "@/features/trees/search/use-tree-search";
import { WoodCheckForm } from "@/features/climate/wood/wood-forms";
import { Icon } from "@/ui/icon";
import { NO_ANSWER, NO_TREE_FOUND } from "@/words/search";
import { RECORD_WORDS, type Recordable, treesWord } from "@/words/record";
import {
  EndedForTrees,
  FedForm,
  HealthForTrees,
  NoteForTrees,
  PottedForTrees,
  PrunedForTrees,
  type RecordProps,
  RootsForTrees,
  WateredForm,
} from "./forms";
import { OWN_PAGE, THINGS } from "./things";

/** Records one thing of one or more trees: which, what, and its form, each a tap away. */
export function RecordDialog({ wish, close }: { wish: RecordWish; close: () => void }) {
  const { collectionId, revision } = useAsOf();
  const dialog = useRef<HTMLDialogElement>(null);
  const [trees, setTrees] = useState<readonly Chosen[]>(wish.trees);
  const [thing, setThing] = useState<Recordable | null>(wish.thing ?? null);
  const [answer, setAnswer] = useState<RecordChoices | null>(null);
  const [away, setAway] = useState(false);

  useEffect(() => {
    if (!dialog.current?.open) dialog.current?.showModal();
  }, []);
  const { treeId } = wish;
  useEffect(() => {
    let wanted = true;
    ask(collectionId, "record", treeId === undefined ? {} : { tree: treeId })
      .then((body) => {
        if (!wanted) return;
        setAnswer(body);
        const { tree } = body;
        if (tree) setTrees((chosen) => (chosen.length === 0 ? [{ id: tree.id, tag: tree.tag }] : chosen));
      })
      .catch(() => wanted && setAway(true));
    return () => {
      wanted = false;
    };
  }, [collectionId, treeId, revision]);

  const done = () => {
    wish.done?.();
    close();
  };
  const waiting = treeId !== undefined && trees.length === 0 && answer === null && !away;
  const title =
    trees.length === 0
      ? "Record"
      : thing === null
        ? `Record: ${treesWord(trees)}`
        : `${RECORD_WORDS[thing]}: ${treesWord(trees)}`;
  return (
    <dialog ref={dialog} className="modal modal-bottom sm:modal-middle" aria-label={title} onClose={close}>
      <div className="modal-box max-h-[92dvh] max-w-xl p-4" data-testid="record">
        <div className="mb-3 flex items-center gap-2">
          <h2 className="flex-1 text-xl">{title}</h2>
          {thing !== null && wish.thing === undefined && (
            <button type="button" className="btn btn-sm min-h-11" onClick={() => setThing(null)}>
              {say.somethingElse}
            </button>
          )}
          <form method="dialog">
            <button className="btn btn-sm btn-ghost min-h-11" aria-label={common.close}>
              ✕
            </button>
          </form>
        </div>
        {away && <p role="alert">{NO_ANSWER}</p>}
        {waiting ? (
          <p className="min-h-40">…</p>
        ) : trees.length === 0 ? (
          <WhichTrees choose={(tree) => setTrees([tree])} close={close} />
        ) : thing === null ? (
          <WhatThing trees={trees} choose={setThing} close={close} />
        ) : answer === null ? (
          !away && <p className="min-h-40">…</p>
        ) : (
          <ThingForm thing={thing} trees={trees} choices={answer} done={done} />
        )}
      </div>
      <form method="dialog" className="modal-backdrop">
        <button>{say.close}</button>
      </form>
    </dialog>
  );
}

function WhichTrees({ choose, close }: { choose: (tree: Chosen) => void; close: () => void }) {
  const { collectionId } = useAsOf();
  const [typed, setTyped] = useState("");
  const answer = useTreeSearch(typed);
  const shown = (answer?.found ?? []).filter((t) => !t.gone);
  // Another each time: the list may be open already.
  const [anew] = useState(() => crypto.randomUUID().slice(0, 8));
  return (
    <div>
      <label className="block">
        <span className="font-medium">{say.whichTree}</span>
        <input
          // The one thing to do here.
          autoFocus
          className="input input-lg mt-1 w-full"
          placeholder={say.tagSpeciesVarietyOrPlace}
          autoComplete="off"
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== "Enter" || shown.length === 0 || answer?.query !== typed) return;
            e.preventDefault();
            choose(shown[0]);
          }}
        />
      </label>
      <ul className="mt-2 max-h-72 overflow-y-auto" aria-label={say.treesFound}>
        {shown.map((tree) => (
          <li key={tree.id}>
            <button
              type="button"
              className="hover:bg-base-200 rounded-field min-h-12 w-full px-3 py-2 text-left"
              onClick={() => choose({ id: tree.id, tag: tree.tag })}
            >
              <b>{tree.tag}</b> {tree.name}
              {tree.cultivar ? ` ‘${tree.cultivar}’` : ""}
              {tree.place ? ` · ${tree.place}` : ""}
            </button>
          </li>
        ))}
      </ul>
      <p className="min-h-6 py-1 text-sm" aria-live="polite">
        {answer?.away ? NO_ANSWER : answer !== null && shown.length === 0 ? NO_TREE_FOUND : ""}
      </p>
      <p className="mt-4 font-medium">{say.severalAtOnce}</p>
      <p className="text-sm">{say.chooseThemInTheList}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {(
          [
            ["trees", say.chooseInTheList],
            ["add", say.aNewTree],
            ["arrival", say.newArrival],
            ["walk", say.walkRound],
          ] as const
        ).map(([page, word]) => (
          <Link
            key={page}
            prefetch={false}
            className="btn min-h-11"
            href={pageAt(collectionId, page, page === "trees" ? `?choose=${anew}` : "")}
            onClick={close}
          >
            {word}
          </Link>
        ))}
      </div>
    </div>
  );
}

function WhatThing({
  trees,
  choose,
  close,
}: {
  trees: readonly Chosen[];
  choose: (thing: Recordable) => void;
  close: () => void;
}) {
  const { collectionId } = useAsOf();
  const look =
    "border-base-300 hover:bg-base-200 rounded-box flex min-h-20 w-full flex-col items-center justify-center gap-1 border p-2 text-center font-medium";
  const of = (id: Recordable): ReactNode => (
    <>
      <Icon name={id} size={24} />
      {RECORD_WORDS[id]}
    </>
  );
  return (
    <ul className="grid grid-cols-3 gap-2">
      {THINGS.filter((t) => t.many || trees.length === 1).map(({ id }) => {
        const page = trees.length === 1 ? OWN_PAGE[id] : undefined;
        return (
          <li key={id}>
            {page ? (
              <Link prefetch={false} className={look} href={treeAt(collectionId, trees[0].id, page)} onClick={close}>
                {of(id)}
              </Link>
            ) : (
              <button type="button" className={look} onClick={() => choose(id)}>
                {of(id)}
              </button>
            )}
          </li>
        );
      })}
    </ul>
  );
}

function ThingForm({ thing, ...props }: RecordProps & { thing: Recordable }) {
  const { trees, choices, done } = props;
  const { collectionId } = useAsOf();
  const [{ id, tag }] = trees;
  switch (thing) {
    case "roots":
      return (
        <>
          <RootsForTrees {...props} />
          {trees.length === 1 && (
            <p className="mt-3 text-sm">
              <Link prefetch={false} className="link" href={treeAt(collectionId, id, "roots")} onClick={done}>
                {say.faceByFaceWithPictures}
              </Link>
            </p>
          )}
        </>
      );
    case "potting":
      return <PottedForTrees {...props} />;
    case "move":
      return <PlaceTrees treeIds={trees.map((t) => t.id)} places={choices.places} current={null} onDone={done} />;
    case "note":
      return <NoteForTrees {...props} />;
    case "photo":
      return <PhotoField treeId={id} tag={tag} onDone={done} />;
    case "pruning":
      return <PrunedForTrees {...props} />;
    case "feed":
      return <FedForm {...props} />;
    case "water":
      return <WateredForm {...props} />;
    case "measure":
      return <MeasureForm treeId={id} tag={tag} pot={null} onDone={done} />;
    case "wood":
      return <WoodCheckForm treeId={id} tag={tag} onDone={done} />;
    case "health":
      return <HealthForTrees {...props} />;
    case "ended":
      return <EndedForTrees {...props} />;
  }
}
