export const aMeasureInMmOr = "A measure in mm (or write 60 cm, 24 in).";
