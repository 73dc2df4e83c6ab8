import "server-only";
import { notFound } from "next/navigation";
import { FROST_RISKS, type FrostEvent, type RiskDates } from "@/core/climate/index";
import { listMoves } from "../weather/history";
import { collectionView, stripData } from "../shell/data";
import { AlmanacView, type FrostTable } from "./almanac-view";
import { frostWords, slotWord } from "./words";

export async function AlmanacScreen({ collectionId }: { collectionId: string }) {
  const view = await collectionView(collectionId);
  if (!view) notFound();
  const { site, collection, loaded } = view;
  const { first, last, allYear } = site.frost(0);
  const table = (event: FrostEvent, which: string): FrostTable => ({
    which,
    years: event.years,
    withFrost: event.withFrost,
    generated: site.basis !== "record",
    rank: row(event.rank),
    normal: row(event.normal),
  });
  const row = (dates: RiskDates) => FROST_RISKS.map((risk) => slotWord(dates[risk], site.latitudeDeg));
  return (
    <AlmanacView
      words={frostWords(site)}
      tables={[table(last, "Last in spring"), table(first, "First in autumn")]}
      allYear={allYear}
      frostBySlot={stripData(view).frost}
      months={{ tminC: site.normals.tminC, tmaxC: site.normals.tmaxC }}
      place={{
        latitudeDeg: collection.latitudeDeg,
        longitudeDeg: collection.longitudeDeg,
        elevationM: collection.elevationM,
      }}
      filledDays={site.filledDays}
      sources={loaded.sources}
      moves={await listMoves(collection.id, loaded.sources)}
    />
  );
}
