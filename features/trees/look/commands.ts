import { datesOf, MODEL_VERSION } from "@/model/index";
import { saveLook } from "@/data/looks";
import { now } from "@/server/clock";
import { viewOf } from "@/features/kernel/collection/load";
import { addsOnly, command } from "@/features/kernel/define";

/** "Seen": from now on shifts are counted from the dates as they stand. */
export const markSeen = command("mark-seen", {
  subjects: addsOnly,
  quiet: true,
  run: async (context) => {
    const { collection, scope, actor, db } = context;
    const view = await viewOf(db, collection);
    const { states } = view.yard.on(view.today);
    const dates = Object.fromEntries(states.map((state) => [state.treeId, datesOf(state)]));
    context.write(() =>
      saveLook(db, scope, actor, {
        seq: view.collection.revision,
        weatherRevision: collection.weatherRevision,
        onDay: view.today,
        model: MODEL_VERSION,
        lookedAt: now(),
        dates,
      }),
    );
    return {};
  },
});
