import "server-only";
import Link from "next/link";
import { notFound } from "next/navigation";
import { growingSeason, midwinterOf, toDay } from "@/core/dates/index";
import { wallOf } from "@/core/vessel/index";
import { collectionView } from "../shell/data";
import { treeOn } from "../tree/tree-on";
import { WinterView } from "./view";

/** Winter is looked at from two months before midwinter for so many days; this long after midwinter the next one is meant. */
const WINTER_DAYS = 212;
const NEXT_AFTER_DAYS = 130;

/** One pot through the coming winter, or the one that is on. */
export async function WinterScreen({ collectionId, treeId }: { collectionId: string; treeId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const on = toDay(view.today);
  const facts = treeOn(view, treeId, on);
  if (!facts) notFound();
  const { tree, site, profile, replayed, state } = facts;
  const page = `/c/${collectionId}/tree/${treeId}`;
  if (!replayed.pot)
    return (
      <article>
        <h1 className="text-2xl">The winter of {tree.tag}</h1>
        <p className="mt-3">
          Nobody has said which pot it stands in.{" "}
          <Link className="link" href={`${page}#measure`}>
            Measure it first
          </Link>
        </p>
      </article>
    );
  const running = growingSeason(on, site.latitudeDeg);
  const season = on > midwinterOf(running, site.latitudeDeg) + NEXT_AFTER_DAYS ? running + 1 : running;
  const { slices, observedUntil } = site.season(season);
  const tenths = (values: Float32Array) => Array.from(values.subarray(0, WINTER_DAYS), (v) => Math.round(10 * v) / 10);
  return (
    <WinterView
      facts={{
        treeId,
        tag: tree.tag,
        name: profile.name,
        guess: profile.basis === "guess",
        latitudeDeg: site.latitudeDeg,
        today: on,
        observedUntil,
        courses: slices.map((s) => ({ startDay: s.startDay, tminC: tenths(s.tminC), tmaxC: tenths(s.tmaxC) })),
        limits: { youngC: profile.rootKillYoungC, matureC: profile.values.rootKillMatureC },
        volumeL: state.volumeL.p50,
        wall: wallOf(replayed.pot),
        basis: site.basis,
      }}
    />
  );
}
