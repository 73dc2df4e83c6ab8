import * as Comlink from "comlink";
import { toDay } from "@/core/dates/index";
import {
  indexRecords,
  type IndexedRecords,
  type ReplayContext,
  treePicture,
  type TreePicture,
  yardAt,
  type YardRow,
  unpackBundle,
} from "@/model/index";

/** The browser's own replay: opened once per revision, then asked for any day. */
let indexed: IndexedRecords | null = null;
let context: ReplayContext | null = null;

const api = {
  async open(url: string): Promise<number> {
    const answer = await fetch(url);
    if (!answer.ok || !answer.body) throw new Error(`The collection could not be read (${answer.status}).`);
    const text = await new Response(answer.body.pipeThrough(new DecompressionStream("gzip"))).text();
    const bundle = unpackBundle(text);
    indexed = indexRecords(bundle.records);
    context = bundle.context;
    return bundle.revision;
  },
  yard(on: string): YardRow[] {
    return indexed && context ? yardAt(indexed, context, toDay(on)) : [];
  },
  tree(treeId: string, on: string): TreePicture | null {
    return indexed && context ? treePicture(indexed, context, treeId, toDay(on)) : null;
  },
};

export type ReplayApi = typeof api;
Comlink.expose(api);
