import { subject } from "@/core/event/index";
import { type FieldName, kindById, type KindValues } from "@/core/species/index";
import { findTree, happening } from "@/features/kernel/days";
import { type CommandContext, command, refuse } from "@/features/kernel/define";
import { FIELD_WORDS } from "@/words/species";

/** What has been said so far in this place, so that one field more does not lose the others. */
function saidBefore(context: CommandContext, of: { kindId: string; cultivar: string | null; treeId: string | null }) {
  let values: Partial<KindValues> = {};
  let reasons: Partial<Record<FieldName, string>> = {};
  const events = [...context.loaded.indexed.records.events].sort((a, b) => a.seq - b.seq || a.ord - b.ord);
  for (const { payload, treeId } of events) {
    if (payload.kind !== "kind-said" || payload.kindId !== of.kindId || treeId !== of.treeId) continue;
    if ((payload.cultivar ?? "").toLocaleLowerCase() !== (of.cultivar ?? "").toLocaleLowerCase()) continue;
    values = payload.values ?? {};
    reasons = payload.reasons ?? {};
  }
  return { values, reasons };
}

/** The collection's own word on a kind, a sort of it or one tree; fields named in `back` are the library's again. */
export const sayKind = command("say-kind", {
  subjects: (v) => [v.treeId === null ? subject.species(v.kindId, v.cultivar) : subject.tree(v.treeId)],
  run: (context, v) => {
    const kind = kindById(v.kindId) ?? refuse("kindId", "kind-unknown");
    const tree = v.treeId === null ? null : findTree(context, v.treeId, "treeId");
    if (tree && tree.kindId !== kind.id) refuse("treeId", "of-another-kind");
    const before = saidBefore(context, v);
    const values: Partial<KindValues> = { ...before.values, ...v.values };
    const reasons = { ...before.reasons };
    // A field said anew has the reason said with it, or none.
    for (const name of [...Object.keys(v.values), ...v.back] as FieldName[]) delete reasons[name];
    Object.assign(reasons, v.reasons);
    for (const name of v.back) delete values[name as FieldName];
    for (const name of Object.keys(reasons) as FieldName[]) if (!(name in values)) delete reasons[name];
    const young = values.rootKillYoungC ?? kind.values.rootKillYoungC;
    const mature = values.rootKillMatureC ?? kind.values.rootKillMatureC;
    if (young !== undefined && mature !== undefined && young < mature)
      refuse(
        v.values.rootKillYoungC === undefined ? "values.rootKillMatureC" : "values.rootKillYoungC",
        "young-roots-hardier",
      );
    const kept = Object.keys(values).length === 0 ? null : values;
    context.record(
      happening(
        {
          kind: "kind-said",
          kindId: kind.id,
          cultivar: v.cultivar,
          values: kept,
          ...(Object.keys(reasons).length === 0 ? {} : { reasons }),
        },
        context.today,
        { treeId: v.treeId },
      ),
    );
    const fields = [...Object.keys(v.values), ...v.back].map((f) => FIELD_WORDS[f as FieldName]?.name ?? f);
    context.note(`${tree?.tag ?? v.cultivar ?? kind.names[0]}: ${fields.join(", ")}`);
    return Promise.resolve({ kindId: kind.id });
  },
});
