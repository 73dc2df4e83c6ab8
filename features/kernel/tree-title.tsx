import * as common from "@/words/pages/common";
import "server-only";
import { collectionView } from "./views";
import { PageTitle } from "./page-title";

/** The title of one of a tree's pages: its tag first, for growers with several open side by side. */
export async function TreeTitle({
  collectionId,
  treeId,
  children,
}: {
  collectionId: string;
  treeId: string;
  children?: string;
}) {
  const view = await collectionView(collectionId);
  const tag = view?.loaded.trees.find((t) => t.id === treeId)?.tag;
  const words = [tag, children].filter((part) => part !== undefined);
  return <PageTitle>{words.length > 0 ? words.join(", ") : common.tree}</PageTitle>;
}
