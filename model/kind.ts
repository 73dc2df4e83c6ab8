import { type KindChoice, type Profile, profileOf } from "@/core/species/index";

/** What is known of a kind, whether or not a tree of it is on record. Of a tree on a day ask the tree: its stock and its mates say more. */
export const kindOf = (choice: KindChoice): Profile => profileOf(choice);
