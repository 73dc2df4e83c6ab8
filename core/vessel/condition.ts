/** State of a pot in store. A cracked or brittle one is not potted into; one to be washed is, once it is clean. */
export const POT_CONDITIONS = ["sound", "wash", "brittle", "cracked"] as const;
export type PotCondition = (typeof POT_CONDITIONS)[number];
