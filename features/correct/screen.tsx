import "server-only";
import { notFound } from "next/navigation";
import { toDay, toIso } from "@/core/dates/index";
import {
  ADVISED_OPERATIONS,
  anchoredShare,
  freshReading,
  liftAdvice,
  massNow,
  treeAdvice,
  treeKgOn,
  windowsByCorrection,
} from "@/core/tree/index";
import { collectionView } from "../shell/data";
import { treeOn } from "../tree/tree-on";
import { CorrectView } from "./view";

/** What the ball wants, from what was seen of it, the season and its kind: always today. */
export async function CorrectScreen({ collectionId, treeId }: { collectionId: string; treeId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const on = toDay(view.today);
  const facts = treeOn(view, treeId, on);
  if (!facts) notFound();
  const { tree, events, situation, replayed, site, profile, state } = facts;
  const rows = facts.windows(ADVISED_OPERATIONS);
  const asked = situation && treeAdvice({ tree, events, situation, replayed, site, rows, on });
  const mass = massNow(replayed, tree, on);
  const treeKg = mass && treeKgOn(tree, mass.wetKg);
  return (
    <CorrectView
      facts={{
        treeId,
        tag: tree.tag,
        name: profile.name,
        hazards: profile.hazards,
        guess: profile.basis === "guess",
        believed: { fill: state.fill.p50, circling: state.circling.p50 },
        ball: situation && { widthMm: situation.ball.widthMm, heightMm: situation.ball.heightMm },
        advice: asked?.advice ?? null,
        seen: asked?.seen ?? freshReading(events, on),
        windows: windowsByCorrection(rows),
        volumeL: replayed.volumeL.p50,
        massKg: mass?.wetKg ?? null,
        lift: mass ? liftAdvice(mass.wetKg) : null,
        immovable: situation?.immovable ?? false,
        anchorShare: anchoredShare(treeKg?.measured ? treeKg.kg : null, (mass?.wetKg ?? 0) - (treeKg?.kg ?? 0)),
        anchorHalved: events.some(
          (e) =>
            e.payload.kind === "worked-in-place" &&
            e.payload.correction === "trim-outside" &&
            e.payload.where === "half of what holds it" &&
            e.on.best >= toIso(on - 120),
        ),
      }}
    />
  );
}
