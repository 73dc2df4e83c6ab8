import { AppRouterContext, type AppRouterInstance } from "next/dist/shared/lib/app-router-context.shared-runtime";
import { PathnameContext, SearchParamsContext } from "next/dist/shared/lib/hooks-client-context.shared-runtime";
import { cloneElement, isValidElement, type ReactElement, type ReactNode } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { AsOfProvider } from "@/features/kernel/as-of";
import type { CollectionView } from "@/features/kernel/collection/load";

const still = () => undefined;
const router: AppRouterInstance = {
  ...{ back: still, forward: still, refresh: still, push: still, replace: still, prefetch: still },
} as unknown as AppRouterInstance;

const isAsync = (type: unknown): type is (props: unknown) => Promise<ReactNode> =>
  typeof type === "function" && type.constructor.name === "AsyncFunction";

/** What the server makes of a page before it is drawn: its asynchronous parts, awaited wherever they lie. */
async function awaited(node: ReactNode): Promise<ReactNode> {
  if (Array.isArray(node)) return Promise.all((node as ReactNode[]).map(awaited));
  if (!isValidElement<{ children?: ReactNode }>(node)) return node;
  if (isAsync(node.type)) return awaited(await node.type(node.props));
  const { children } = node.props;
  if (children === undefined) return node;
  const done = await awaited(children);
  return Array.isArray(done) ? cloneElement(node, {}, ...(done as ReactNode[])) : cloneElement(node, {}, done);
}

/** A page as it is first drawn, in the frame's own contexts. */
export async function pageHtml(page: ReactNode, view: CollectionView, path: string): Promise<string> {
  const { collection, today } = view;
  const content = (await awaited(page)) as ReactElement;
  return renderToStaticMarkup(
    <AppRouterContext.Provider value={router}>
      <PathnameContext.Provider value={path}>
        <SearchParamsContext.Provider value={new URLSearchParams()}>
          <AsOfProvider
            collectionId={collection.id}
            revision={collection.revision}
            plans={0}
            today={today}
            initialOn={today}
            units={collection.units}
            currency={collection.currency}
            latitudeDeg={view.yard.site.latitudeDeg}
            simulatedForecast={false}
          >
            {content}
          </AsOfProvider>
        </SearchParamsContext.Provider>
      </PathnameContext.Provider>
    </AppRouterContext.Provider>,
  );
}

/** What is read of it: words without marks, names of pictures and fields included. */
export function wordsOf(html: string): string {
  const named = [...html.matchAll(/\b(?:aria-label|alt|title|placeholder|value)="([^"]*)"/g)].map((m) => m[1]);
  const text = html.replace(/<(script|style)[\s\S]*?<\/\1>/g, " ").replace(/<[^>]*>/g, " ");
  return `${text} ${named.join(" ")}`
    .replaceAll("&#x27;", "'")
    .replaceAll("&quot;", '"')
    .replaceAll("&amp;", "&")
    .replaceAll("&lt;", "<")
    .replaceAll("&gt;", ">")
    .replace(/\s+/g, " ");
}
