/** What a test says of a tree it is not about: the input of `add-tree`, less its id and tag. */
export const PLAIN_TREE = {
  kindId: "quince",
  typedName: null,
  habit: null,
  cultivar: null,
  purpose: "crop",
  count: 1,
  form: "container",
  lastPotted: null,
  finalVolumeL: null,
  trunkMm: null,
  heightM: null,
};
