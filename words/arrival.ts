import type { ArrivalAct, ArrivalFinding } from "@/core/arrival/index";
import { litres, millimetres, number, percent, type Units } from "./format";

export function findingText(code: ArrivalFinding, f: Record<string, number>, units: Units): string {
  switch (code) {
    case "dead":
      return "Brown under the bark all the way: dead.";
    case "hooked":
      return "Its tap root is hooked: it stays so for life.";
    case "roots-dead":
      return `Only ${percent(f.share)} of its roots alive.`;
    case "dried-roots":
      return `${percent(f.share)} of its fine roots snap dry: more than a third is too much.`;
    case "rotten":
      return `Roots rotting: ${percent(f.share)} alive.`;
    case "sour":
      return "Sour mix: roots have stood without air. Not “bound”, whatever the ball looks like.";
    case "parched":
      return "Dried out, leaves crisp.";
    case "dry":
      return "Too light for its size: dried out.";
    case "large-wounds":
      return "A large wound at the trunk: years to close.";
    case "galls":
      return "Galls or knots at its roots.";
    case "pests":
      return "Pests or disease: it must not stand beside the others.";
    case "bound":
      return "The ball is so full that it holds hardly any water.";
    case "rings":
      return "Roots turn as a mat or in rings.";
    case "girdler":
      return `A root lies across the flare${f.share > 0 ? `, serving ${percent(f.share)} of the girth` : ""}.`;
    case "flare-deep":
      return `The flare is ${millimetres(f.mm, units)} down: usually seen too late.`;
    case "flare-below":
      return `The flare is ${millimetres(f.mm, units)} under the mix.`;
    case "union-buried":
      return `The graft stands ${millimetres(f.mm, units)} above the mix: too low.`;
    case "layer-early":
      return "The layer’s second roots are still white: too early to sever.";
    case "layer-late":
      return `Only ${number(f.weeks)} weeks of root warmth left: a layer asks for ${number(f.need)}.`;
    case "several":
      return `${number(f.count)} plants in one pot.`;
    case "off-centre":
      return `The trunk stands ${millimetres(f.mm, units)} off the middle.`;
    case "yellow":
      return "Leaves yellow: hunger, drowning or cold feet look alike. Smell the mix.";
    case "dropping":
      return "Dropping leaves: dried, chilled or moved.";
    case "bearing":
      return "In flower or fruit.";
    case "crossing":
      return "Branches cross.";
    case "leaning":
      return "The trunk leans or bends.";
    case "small-wounds":
      return "Small wounds.";
    case "at-holes":
      return "Roots out of the holes: they have found the wall.";
    case "exposed":
      return `Bare roots ${number(f.minutes)} minutes in the open.`;
    case "label-lost":
      return "No label: nobody knows for sure what it is.";
    case "stock-unknown":
      return "Nobody wrote down its rootstock: pace, size and hardiness of its roots are open.";
    case "no-partner":
      return "It bears nothing without a partner in flower, and none stands here.";
  }
}

export function arrivalActText(act: ArrivalAct, f: Record<string, number>, units: Units): string {
  switch (act) {
    case "leave-there":
      return "Leave it there.";
    case "isolate":
      return `Keep it apart for ${number(f.days)} days, its water and tools too.`;
    case "look-again":
      return "Look it over again, leaves, bark and surface.";
    case "bath":
      return `Plunge the ball until no bubbles rise, ${number(f.low)} to ${number(f.high)} minutes.`;
    case "soak-bare":
      return `Soak its roots ${number(f.low)} to ${number(f.high)} hours; keep them covered and wet.`;
    case "start-rescue":
      return "Begin a rescue: its checkpoints follow.";
    case "cut-to-live":
      return "Cut rotten roots back to live tissue and pot it down.";
    case "expose-flare":
      return `Uncover the flare: ${millimetres(f.mm, units)} of mix come off, as far as the roots in it may go today.`;
    case "raise-union":
      return `Set it ${millimetres(f.mm, units)} higher.`;
    case "cut-girdler":
      return "Cut the girdling root at both ends; one that serves more than a third in two seasons.";
    case "slip-up":
      return `Slip it up whole into ${litres(f.lowL, units)} to ${litres(f.highL, units)} of mix.`;
    case "correct-ball":
      return `Correct the ball: up to ${percent(f.share)} of its roots then.`;
    case "part":
      return `Part the ${number(f.count)} plants, or decide which one stays.`;
    case "sever-later":
      return "Leave it on its mother until second roots have branched and browned.";
    case "pot-layer":
      return `Pot it with its moss${f.mostL ? `, into ${litres(f.mostL, units)} at most` : ""}; take a third to half of the leaves; stake it.`;
    case "pot-bare":
      return `Pot it over a mound${f.mostMm ? `, in a pot ${millimetres(f.mostMm, units)} wide at most` : ""}.`;
    case "shade":
      return `Shade and shelter for ${number(f.days)} days.`;
    case "no-feed":
      return `No feed before ${number(f.mm)} mm of new growth.`;
    case "take-fruit-off":
      return "Take flowers and fruit off if its roots are worked on.";
    case "centre":
      return `Set the stem on the pot’s axis: ${millimetres(f.mm, units)} over.`;
    case "stake-straight":
      return "Straighten it at the next potting, or stake it loosely.";
    case "prune-crossing":
      return "Take crossing branches out.";
    case "ask-stock":
      return "Ask the grower for the rootstock.";
    case "write-label":
      return "Write a label now: species as far as known, date, source.";
    case "find-partner":
      return "Find a partner that flowers with it.";
    case "scratch-first":
      return "Scratch the bark low down and snip a root before you carry it home.";
    case "photograph":
      return "Photograph it, label and roots.";
  }
}
