import { spelt } from "@/words/english";

export const noSizeIsFoundWrite = () =>
  spelt(
    "No size is found: write rim/floor/height such as 25/20/22, litres such as 18 L, a class such as #5 or 5 gal, or 3 pints.",
  );
export const whatIsTakeItOut = (figures: string) =>
  `What is “${figures}”? Take it out, or write the size once and the price last.`;
