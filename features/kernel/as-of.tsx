"use client";

import { streamAt } from "./addresses";
import * as Comlink from "comlink";
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from "react";
import type { ReplayApi } from "@/workers/replay.browser";
import type { Units } from "@/words/format";
import type { StripWood } from "./strip-wood";
import { UnitsContext } from "@/ui/fields";
import { putDay, writeAddress } from "./put-day";

export interface StripSubject {
  key: string;
  own: StripWood | null;
}

interface AsOf {
  collectionId: string;
  revision: number;
  today: string;
  on: string;
  /** The day the address names: links carry it, and need not follow every step of a drag. */
  settledOn: string;
  units: Units;
  currency: string;
  /** The coming days are made up by the simulated service. */
  simulatedForecast: boolean;
  /** Which half of the year a season means. */
  latitudeDeg: number;
  /** Whose wood the strip shows: a kind, or a tree with wood of its own; null for all. */
  subject: StripSubject | null;
  setSubject: (subject: StripSubject | null) => void;
  /** Moves the day everything is seen as of; `settle` writes it into the address. */
  setOn: (on: string, settle: boolean) => void;
  /** The browser's own replay, opened on first use. */
  replay: () => Promise<Comlink.Remote<ReplayApi>>;
}

const Context = createContext<AsOf | null>(null);

/** The units shown; metric where no collection is open yet. */
export const useUnits = (): Units => useContext(Context)?.units ?? "metric";

/** What keeps the day shown in an address; nothing while it is today's. */
export function useDayQuery(): "" | `?on=${string}` {
  const { settledOn, today } = useAsOf();
  return settledOn === today ? "" : `?on=${settledOn}`;
}

export function useAsOf(): AsOf {
  const value = useContext(Context);
  if (!value) throw new Error("useAsOf outside its provider");
  return value;
}

export function AsOfProvider({
  collectionId,
  revision,
  plans,
  today,
  initialOn,
  units,
  currency,
  latitudeDeg,
  simulatedForecast,
  children,
}: {
  collectionId: string;
  revision: number;
  /** Which state of the trees' plans. */
  plans: number;
  today: string;
  initialOn: string;
  units: Units;
  currency: string;
  latitudeDeg: number;
  simulatedForecast: boolean;
  children: ReactNode;
}) {
  const [on, setDay] = useState(initialOn);
  const [subject, setSubject] = useState<StripSubject | null>(null);
  const [settledOn, setSettled] = useState(initialOn);
  const opened = useRef<{ state: string; api: Promise<Comlink.Remote<ReplayApi>> } | null>(null);

  const address = useCallback((day: string) => writeAddress((query) => putDay(query, day, today)), [today]);
  const setOn = useCallback(
    (next: string, settle: boolean) => {
      setDay(next);
      if (!settle) return;
      setSettled(next);
      address(next);
    },
    [address],
  );

  // The router writes its own address whenever it settles, without a day it does not know of: after every render the day is put back.
  useEffect(() => {
    if ((new URLSearchParams(window.location.search).get("on") ?? today) !== settledOn) address(settledOn);
  });

  const replay = useCallback(() => {
    const state = `${revision}:${plans}`;
    if (opened.current?.state !== state) {
      const before = opened.current;
      const open = async () => {
        const remote =
          (await before?.api.catch(() => null)) ??
          Comlink.wrap<ReplayApi>(
            new Worker(new URL("../../workers/replay.browser.ts", import.meta.url), { type: "module" }),
          );
        await remote.open(streamAt(collectionId, "replay-bundle"));
        return remote;
      };
      opened.current = { state, api: open() };
      opened.current.api.catch(() => (opened.current = null));
    }
    return opened.current.api;
  }, [collectionId, revision, plans]);

  const value = useMemo(
    () => ({
      collectionId,
      revision,
      today,
      on,
      settledOn,
      units,
      currency,
      latitudeDeg,
      simulatedForecast,
      subject,
      setSubject,
      setOn,
      replay,
    }),
    [
      collectionId,
      revision,
      today,
      on,
      settledOn,
      units,
      currency,
      latitudeDeg,
      simulatedForecast,
      subject,
      setOn,
      replay,
    ],
  );
  return (
    <Context.Provider value={value}>
      <UnitsContext.Provider value={units}>{children}</UnitsContext.Provider>
    </Context.Provider>
  );
}

/** While this page is open the strip shows the wood of its tree, or of its species where the tree has none of its own. */
export function useStripSubject(kind: string, own: StripWood | null): void {
  const { setSubject } = useAsOf();
  useEffect(() => {
    setSubject({ key: own?.key ?? kind, own });
    return () => setSubject(null);
  }, [kind, own, setSubject]);
}

/**
 * A view of the as-of day: the server's answer for the day the page came with, the worker's for any other. While the worker is
 * at it the last answer stays; only the newest question counts.
 */
export function useReplayed<T>(
  initial: T,
  initialOn: string,
  ask: (api: Comlink.Remote<ReplayApi>, on: string) => Promise<T | null>,
): { value: T; on: string } {
  const { on, replay, revision } = useAsOf();
  const [answer, setAnswer] = useState<{ value: T; on: string; revision: number } | null>(null);
  const asking = useRef<{ busy: boolean; next: string | null }>({ busy: false, next: null });
  const askRef = useRef(ask);
  useEffect(() => {
    askRef.current = ask;
  }, [ask]);

  useEffect(() => {
    if (on === initialOn) return;
    const state = asking.current;
    state.next = on;
    if (state.busy) return;
    state.busy = true;
    const run = async () => {
      try {
        while (state.next !== null) {
          const day: string = state.next;
          state.next = null;
          const value = await askRef.current(await replay(), day);
          if (value !== null) setAnswer({ value, on: day, revision });
        }
      } catch {
        // The collection cannot be read just now: the last picture stays, and the next move asks again.
      } finally {
        state.busy = false;
      }
    };
    void run();
  }, [on, initialOn, replay, revision]);

  if (on === initialOn || answer === null || answer.revision !== revision) return { value: initial, on: initialOn };
  return answer;
}
