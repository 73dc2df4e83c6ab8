import "server-only";
import { notFound } from "next/navigation";
import type { ReactNode } from "react";
import { type DayNumber, toDay } from "@/core/dates/index";
import type { CollectionView } from "@/features/kernel/collection/load";
import { collectionView } from "./views";
import { NotHereThen } from "./follow-day";
import { asOfDay } from "./page-props";
import type { TreeOnDay } from "@/model/index";

/** What a page's address asks for. */
export interface TreeAsked {
  collectionId: string;
  treeId: string;
  on: string | undefined;
}

/** What every page of work on a tree begins with, for the day everything is seen as of. */
export interface TreePage {
  here: true;
  view: CollectionView;
  /** The day it is worked out for. */
  shown: string;
  on: DayNumber;
  facts: TreeOnDay;
}

/** The page's facts, or what stands in its place on a day on which the tree was not here. An unknown tree is not found. */
export async function treePage({
  collectionId,
  treeId,
  on: askedOn,
}: TreeAsked): Promise<TreePage | { here: false; absent: ReactNode }> {
  const view = await collectionView(collectionId);
  const tree = view?.loaded.trees.find((t) => t.id === treeId);
  if (!view || !tree) notFound();
  const shown = asOfDay(askedOn, view.today);
  const on = toDay(shown);
  const facts = view.yard.tree(treeId)?.on(on);
  return facts
    ? { here: true, view, shown, on, facts }
    : { here: false, absent: <NotHereThen shown={shown} tag={tree.tag} /> };
}
