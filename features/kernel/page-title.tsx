import * as say from "@/words/pages/kernel";

/**
 * The title of a page, in the page itself: it changes in the same step as what it names. The
 * framework's own metadata comes apart from the page and leaves it without a title meanwhile.
 */
export function PageTitle({ children }: { children?: string }) {
  return <title>{children === undefined ? say.aurelian : say.pageTitle(children)}</title>;
}
