import * as say from "@/words/pages/bench/potting/standing";
import { treeAt } from "@/features/kernel/addresses";
import "server-only";
import Link from "next/link";
import { notFound } from "next/navigation";
import { brimHeightMm, footWidthMm, vesselOf } from "@/core/vessel/index";
import { collectionView } from "@/features/kernel/views";
import { Standing } from "./standing";
import { asOfDay } from "@/features/kernel/page-props";
import { FollowDay } from "@/features/kernel/follow-day";

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
  const shown = asOfDay(askedOn, view.today);
  const known = view.yard.tree(treeId);
  if (!known) notFound();
  const { record: tree, kind: profile } = known;
  const facts = known.on(shown);
  const mass = facts?.mass ?? null;
  const pot = facts?.roots.pot ?? null;
  return (
    <div>
      <FollowDay shown={shown} />
      <p className="text-sm">
        <Link className="link" href={treeAt(collectionId, treeId)}>
          {tree.tag} · {profile.name}
        </Link>
      </p>
      <h1 className="mb-3 text-2xl">{say.weightWindOf(tree.tag)}</h1>
      {!facts || !pot || !mass ? (
        <p>
          {say.nobodyHasSaidWhichPot}
          <Link className="link" href={treeAt(collectionId, treeId)}>
            {say.measureIt}
          </Link>
          {say.firstThenItsMassAnd}
        </p>
      ) : (
        <Standing
          facts={{
            wetKg: mass.wetKg,
            dryKg: mass.dryKg,
            guessed: mass.guessed,
            weighed: mass.weighed,
            potHeightMm: brimHeightMm(vesselOf(pot).vessel),
            baseWidthMm: footWidthMm(vesselOf(pot).vessel),
            volumeL: facts.state.volumeL.p50,
            heightM: tree.heightM,
            kindHeightM: profile.values.potHeightM,
            wind: profile.values.wind,
            crownM: tree.crownM ?? null,
            inLeaf: facts.wood.stage !== "dormant" && facts.wood.stage !== "swelling",
            people: view.loaded.calendar,
          }}
        />
      )}
    </div>
  );
}
