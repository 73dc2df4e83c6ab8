import "server-only";
import { z } from "zod";
import { fault } from "@/contract/faults";
import {
  QUERIES,
  type QueryAnswer,
  type QueryInput,
  type QueryName,
  SITE_QUERIES,
  type SiteQueryAnswer,
  type SiteQueryInput,
  type SiteQueryName,
} from "@/contract/queries";
import { readBy } from "@/contract/read";
import { answering, faultResponse } from "./answers";

/** Answers a question that stands in the address; `run` says null where there is no such collection. */
export function answerQuery<N extends QueryName>(
  name: N,
  request: Request,
  params: Promise<{ id: string }>,
  run: (collectionId: string, input: QueryInput<N>) => Promise<QueryAnswer<N> | null>,
): Promise<Response> {
  return answering(request, async () => {
    const from = performance.now();
    const { id } = await params;
    const asked = readBy(QUERIES[name].input, Object.fromEntries(new URL(request.url).searchParams));
    if (!asked.ok) return faultResponse("invalid", 400, asked.faults[0]);
    const answer = z.uuid().safeParse(id).success ? await run(id, asked.value as QueryInput<N>) : null;
    if (answer === null) return faultResponse("missing", 404, fault("", "collection-gone"));
    return Response.json(answer, {
      headers: {
        "cache-control": "no-store",
        "server-timing": `${name.replace("/", "-")};dur=${(performance.now() - from).toFixed(1)}`,
      },
    });
  });
}

/** The same for what is asked before there is a collection. */
export function answerSiteQuery<N extends SiteQueryName>(
  name: N,
  request: Request,
  run: (input: SiteQueryInput<N>) => Promise<SiteQueryAnswer<N>>,
): Promise<Response> {
  return answering(request, async () => {
    const from = performance.now();
    const asked = readBy(SITE_QUERIES[name].input, Object.fromEntries(new URL(request.url).searchParams));
    if (!asked.ok) return faultResponse("invalid", 400, asked.faults[0]);
    const answer = await run(asked.value as SiteQueryInput<N>);
    return Response.json(answer, {
      headers: {
        "cache-control": "no-store",
        "server-timing": `${name};dur=${(performance.now() - from).toFixed(1)}`,
      },
    });
  });
}
