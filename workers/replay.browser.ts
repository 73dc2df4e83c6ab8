import * as Comlink from "comlink";
import { openBundle, type TreePicture, type Yard, type YardRow } from "@/model/index";

/** The browser's own replay: opened once per revision, then asked for any day. */
let yard: Yard | null = null;

const api = {
  async open(url: string): Promise<number> {
    const answer = await fetch(url);
    if (!answer.ok || !answer.body) throw new Error(`The collection could not be read (${answer.status}).`);
    const text = await new Response(answer.body.pipeThrough(new DecompressionStream("gzip"))).text();
    const bundle = openBundle(text);
    yard = bundle.yard;
    return bundle.revision;
  },
  yard(on: string): YardRow[] {
    return yard?.on(on).rows ?? [];
  },
  tree(treeId: string, on: string): TreePicture | null {
    return yard?.tree(treeId)?.picture(on) ?? null;
  },
};

export type ReplayApi = typeof api;
Comlink.expose(api);
