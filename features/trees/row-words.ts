import { isOverdue, type HeadlineCode } from "@/core/decision/index";
import type { YardRow } from "@/model/index";
import { headlineDate, headlineWord } from "@/words/decision";
import { LIMIT_WORD } from "@/words/terms";

/** How a status is coloured. */
const TONE: Partial<Record<HeadlineCode, string>> = {
  rescue: "text-error",
  "do-now": "text-error",
  "do-by": "text-primary",
  "in-place": "text-primary",
  "check-first": "text-info",
};

type Told = Pick<YardRow, "headline">;
export const toneOf = ({ headline }: Told): string => (headline && TONE[headline.code]) ?? "";
export const isOverdueRow = ({ headline }: Told): boolean => headline !== null && isOverdue({ headline });
export const wordOf = ({ headline }: Told): string => (headline ? headlineWord(headline) : "");
export const dateOf = ({ headline }: Told, shown: string): string => (headline ? headlineDate(headline, shown) : "");
/** What holds it back today, where its headline waits for a later day. */
export const heldBy = ({ headline }: Told, shown: string): string =>
  headline && headline.from !== null && headline.from > shown && headline.limiting !== "none"
    ? LIMIT_WORD[headline.limiting]
    : "";
