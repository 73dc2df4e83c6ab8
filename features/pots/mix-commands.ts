import * as say from "@/words/pages/pots/mix-commands";
import { subject } from "@/core/event/index";
import { happening } from "@/features/kernel/days";
import { command, type CommandContext, refuse } from "@/features/kernel/define";

/** Each of these says a thing anew as a whole: the newest word counts, and an undo brings the one before back. */

function refuseSameName(
  context: CommandContext,
  names: readonly { id: string; name: string }[],
  id: string,
  name: string,
  path = "name",
) {
  const same = names.find((n) => n.id !== id && n.name.toLocaleLowerCase() === name.toLocaleLowerCase());
  if (same) refuse(path, "name-taken", { name: same.name });
}

/** A component of one's own, with its properties and where they come from. */
export const setComponent = command("set-component", {
  subjects: (v) => [subject.component(v.componentId)],
  run: (context, v) => {
    const { components, recipes } = context.loaded.stores;
    const names = components.map((c) => ({ id: c.id, name: c.own.name }));
    if (!v.gone) refuseSameName(context, names, v.componentId, v.own.name, "own.name");
    const user = recipes.find((r) => (r.parts[v.componentId] ?? 0) > 0);
    if (v.gone && user) refuse("gone", "component-in-use", { recipe: user.name });
    context.record(
      happening({ kind: "component", componentId: v.componentId, own: v.own, gone: v.gone }, context.today),
    );
    context.note(v.gone ? say.componentTakenOut(v.own.name) : say.component(v.own.name));
    return Promise.resolve({ componentId: v.componentId });
  },
});

/** A recipe: parts by volume, how long it feeds. */
export const setRecipe = command("set-recipe", {
  subjects: (v) => [subject.recipe(v.recipeId)],
  run: (context, v) => {
    const { library, recipes } = context.loaded.stores;
    const unknown = Object.keys(v.parts).find((id) => !(id in library));
    if (unknown !== undefined && !v.gone) refuse("parts", "component-gone");
    if (!v.gone) refuseSameName(context, recipes, v.recipeId, v.name);
    const { recipeId, name, feedsMonths, note, gone } = v;
    const parts = Object.fromEntries(Object.entries(v.parts).filter(([, part]) => part > 0));
    context.record(happening({ kind: "recipe", recipeId, name, parts, feedsMonths, note, gone }, context.today));
    context.note(gone ? say.recipeTakenOut(name) : say.recipe(name));
    return Promise.resolve({ recipeId });
  },
});

/** Bags of a component as they are sold: sizes in loose litres and prices. */
export const setOffer = command("set-offer", {
  subjects: (v) => [subject.offer(v.componentId)],
  run: (context, v) => {
    if (!(v.componentId in context.loaded.stores.library)) refuse("componentId", "component-gone");
    context.record(happening({ kind: "offer", componentId: v.componentId, bags: v.bags }, context.today));
    context.note(say.bagsOnOffer);
    return Promise.resolve({ componentId: v.componentId });
  },
});

/** A concentrate or powder with its rate and its cap. */
export const setProduct = command("set-product", {
  subjects: (v) => [subject.product(v.productId)],
  run: (context, v) => {
    if (!v.gone) refuseSameName(context, context.loaded.stores.products, v.productId, v.product.name, "product.name");
    context.record(
      happening({ kind: "product", productId: v.productId, product: v.product, gone: v.gone }, context.today),
    );
    context.note(say.product(v.product.name, v.gone ? say.takenOffTheShelf : ""));
    return Promise.resolve({ productId: v.productId });
  },
});

/** Mix kept from emptied pots. Mix of sick trees is not kept. */
export const setReclaimed = command("set-reclaimed", {
  subjects: (v) => [subject.reclaimed(v.stockId)],
  run: (context, v) => {
    if (!v.gone && !v.stock.fromHealthy) refuse("stock.fromHealthy", "mix-of-sick-tree");
    if (!v.gone) refuseSameName(context, context.loaded.stores.reclaimed, v.stockId, v.stock.name, "stock.name");
    context.record(happening({ kind: "reclaimed", stockId: v.stockId, stock: v.stock, gone: v.gone }, context.today));
    context.note(say.reclaimedMix(v.stock.name));
    return Promise.resolve({ stockId: v.stockId });
  },
});
