import "server-only";
import Link from "next/link";
import { notFound } from "next/navigation";
import { toDay } from "@/core/dates/index";
import { profileOf } from "@/core/species/index";
import { massNow, replay, woodOn, tracksOf } from "@/model/index";
import { brimHeightMm, footWidthMm, vesselOf } from "@/core/vessel/index";
import { collectionView } from "../shell/data";
import { Standing } from "./standing";
import { asOfDay } from "../shell/page-props";
import { FollowDay } from "../shell/follow-day";

/** A tree as it stands today: what it weighs, which gust tips it, how it is carried. */
export async function StandingScreen({
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
  const { loaded, context } = view;
  const shown = asOfDay(askedOn, view.today);
  const tree = loaded.trees.find((t) => t.id === treeId);
  if (!tree) notFound();
  const on = toDay(shown);
  const profile = profileOf(tree);
  const state = replay(
    loaded.indexed.eventsByTree.get(treeId) ?? [],
    loaded.indexed.lots,
    profile,
    tracksOf(context, tree, on).warmth,
    on,
  );
  const mass = state && massNow(state, tree, on);
  const stage = woodOn(tracksOf(context, tree, on), on).stage;
  return (
    <div>
      <FollowDay shown={shown} />
      <p className="text-sm">
        <Link className="link" href={`/c/${collectionId}/tree/${treeId}`}>
          {tree.tag} · {profile.name}
        </Link>
      </p>
      <h1 className="mb-3 text-2xl">{tree.tag} in wind and in hands</h1>
      {!state?.pot || !mass ? (
        <p>
          Nobody has said which pot it stands in:{" "}
          <Link className="link" href={`/c/${collectionId}/tree/${treeId}`}>
            measure it
          </Link>{" "}
          first, then its mass and its stand can be computed.
        </p>
      ) : (
        <Standing
          facts={{
            wetKg: mass.wetKg,
            dryKg: mass.dryKg,
            guessed: mass.guessed,
            weighed: mass.weighed,
            potHeightMm: brimHeightMm(vesselOf(state.pot).vessel),
            baseWidthMm: footWidthMm(vesselOf(state.pot).vessel),
            volumeL: state.volumeL.p50,
            heightM: tree.heightM,
            crownM: tree.crownM ?? null,
            inLeaf: stage !== "dormant" && stage !== "swelling",
            people: loaded.calendar,
          }}
        />
      )}
    </div>
  );
}
