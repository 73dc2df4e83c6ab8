import "server-only";
import { notFound } from "next/navigation";
import { growingSeason, toDay } from "@/core/dates/index";
import { ballFromAbove, windowsByCorrection } from "@/core/tree/index";
import { collectionView } from "../shell/data";
import { treeOn } from "../tree/tree-on";
import { InPlaceView } from "./view";
import { asOfDay } from "../shell/page-props";
import { FollowDay, NotHereThen } from "../shell/follow-day";

/** A tree that is renewed where it stands: holes or a slice, computed from its ball. */
export async function InPlaceScreen({
  collectionId,
  treeId,
  on: askedOn,
}: {
  collectionId: string;
  treeId: string;
  on: string | undefined;
}) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const shown = asOfDay(askedOn, view.today);
  const on = toDay(shown);
  const facts = treeOn(view, treeId, on);
  if (!facts) {
    const known = view.loaded.trees.find((t) => t.id === treeId);
    if (!known) notFound();
    return <NotHereThen shown={shown} tag={known.tag} />;
  }
  const { tree, events, replayed, profile, situation, site } = facts;
  const ball = situation && ballFromAbove(replayed, situation.ball.heightMm, tree.trunkMm);
  const year = growingSeason(on, site.latitudeDeg);
  const done = events.flatMap((e) =>
    e.payload.kind === "worked-in-place" && e.payload.where !== ""
      ? [
          {
            kind: e.payload.correction,
            year: growingSeason(toDay(e.on.best), site.latitudeDeg),
            part: e.payload.where,
            on: e.on.best,
          },
        ]
      : [],
  );
  return (
    <>
      <FollowDay shown={shown} />
      <InPlaceView
        facts={{
          treeId,
          tag: tree.tag,
          name: profile.name,
          ball,
          trunkKnown: tree.trunkMm !== null,
          potName: replayed.lotId === null ? null : (view.loaded.indexed.lots.get(replayed.lotId)?.name ?? null),
          evergreen: profile.parameters[0].leaf === "evergreen",
          springRootZoneC: profile.values.springRootZoneC,
          windows: windowsByCorrection(facts.windows(["core-in-place", "slice-in-place", "replace-top"])),
          year,
          done,
          hazards: profile.hazards,
        }}
      />
    </>
  );
}
