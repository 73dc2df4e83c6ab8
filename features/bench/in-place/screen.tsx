import "server-only";
import { growingSeason, toDay } from "@/core/dates/index";
import { ballFromAbove, windowsByCorrection } from "@/model/index";
import { InPlaceView } from "./view";
import { FollowDay } from "@/features/kernel/follow-day";
import { type TreeAsked, treePage } from "@/features/kernel/tree-page";

/** A tree that is renewed where it stands: holes or a slice, computed from its ball. */
export async function InPlaceScreen(address: TreeAsked) {
  const page = await treePage(address);
  if (!page.here) return page.absent;
  const { view, shown, on, facts } = page;
  const { record: tree, events, roots: replayed, profile, situation, site } = facts;
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
          treeId: tree.id,
          tag: tree.tag,
          name: profile.name,
          ball,
          trunkKnown: tree.trunkMm !== null,
          potName: replayed.lotId === null ? null : (view.loaded.indexed.lots.get(replayed.lotId)?.name ?? null),
          evergreen: profile.parameters[0].leaf === "evergreen",
          springRootZoneC: profile.values.springRootZoneC,
          windows: windowsByCorrection(
            facts.windows({ operations: ["core-in-place", "slice-in-place", "replace-top"] }),
          ),
          year,
          done,
          hazards: profile.hazards,
        }}
      />
    </>
  );
}
