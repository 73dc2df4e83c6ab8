export const clayThatMayCrackThere = "Clay that may crack there";
export const itFreezesThroughWhileWet =
  ". It freezes through while wet; where nobody has said whether it stands that, even odds are taken (a guess). Keep it under a roof, raise it on feet, or say on its page that it is frost-proof.";
