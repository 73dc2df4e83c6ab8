import type { FeedRemark, MixRemark, PotRemark } from "@/core/suits/index";

/** How a pot, a mix or a feed goes with a kind, in a few words each. */
export const POT_REMARK_WORDS: Record<PotRemark, string> = {
  shallow: "shallow for it: its roots go deep",
  narrow: "narrow for it: its roots run wide",
  light: "light for it: weigh the foot, or tie it",
  circles: "its roots will circle here: look every year",
  heats: "heats up in sun: shade the wall",
  "no-saucer": "no saucer under it",
};

export const MIX_REMARK_WORDS: Record<MixRemark, string> = {
  lime: "has lime in it, which this species does not stand",
  sour: "sour without lime: add some for this kind",
  phosphate: "more phosphate than this species stands",
  salt: "may carry salt: rinse or test it, this species is touchy",
  airless: "too little air in this pot for this kind",
  rich: "richer than this species likes",
  light: "no loam in it: this species likes weight and food",
  dries: "holds little water for this kind",
};

export const FEED_REMARK_WORDS: Record<FeedRemark, string> = {
  "too-late": "Late for nitrogen: this species would grow on into autumn and go soft into winter.",
  "half-dose": "This species is fed lean: half the label’s dose is enough.",
  "no-phosphate": "This species is harmed by phosphate: only a feed of at most 1 % P.",
  hungry: "A hungry kind: in growth this is little.",
};
