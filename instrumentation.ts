import type { Instrumentation } from "next";

/** Whatever a page or an action threw goes to the log in its discreet form, with the request's id. */
export const onRequestError: Instrumentation.onRequestError = async (error, request) => {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { log } = await import("./server/log");
  const id = request.headers["x-request-id"];
  log().error({ err: error, method: request.method, path: request.path.split("?")[0], requestId: id }, "page failed");
};
