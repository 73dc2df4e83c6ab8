"use client";

import * as common from "@/words/pages/common";
import * as say from "@/words/pages/settings";
import Link from "next/link";
import type { ReactNode } from "react";
import { useState } from "react";
import { type Page, pageAt } from "@/features/kernel/addresses";
import { useAsOf } from "@/features/kernel/as-of";
import { CommandForm, useCommandForm } from "@/features/kernel/command-form";
import { useNotice } from "@/features/kernel/notice";
import { ChoiceInput, TextInput } from "@/ui/form/inputs";
import { elevation, number, percent } from "@/words/format";
import { PAGE_WORDS } from "@/words/rooms";
import { RISK_WORDS, SETTINGS_WORDS } from "@/words/settings";
import { Appearance, EnglishSwitch } from "./appearance";
import { CurrencySwitch } from "./currency-switch";
import { UnitsSwitch } from "./units-switch";

export interface SettingsFacts {
  name: string;
  /** Chance of a loss the keeper takes, 0–1. */
  risk: number;
  latitudeDeg: number;
  longitudeDeg: number;
  elevationM: number;
  zone: string;
}

const RISKS = [0.02, 0.05, 0.1, 0.2] as const;

/** What holds for the whole collection, and for this device. */
export function SettingsView({ facts }: { facts: SettingsFacts }) {
  const { collectionId, units } = useAsOf();
  return (
    <div className="max-w-3xl space-y-8">
      <h1 className="text-2xl">{PAGE_WORDS.settings}</h1>
      <Part title={SETTINGS_WORDS.collection}>
        <Collection key={`${facts.name} ${facts.risk}`} facts={facts} />
      </Part>
      <Part title={SETTINGS_WORDS.location}>
        <p>
          {say.aboveTheSeaDaysAnd(
            coordinate(facts.latitudeDeg, "N", "S"),
            coordinate(facts.longitudeDeg, "E", "W"),
            elevation(facts.elevationM, units),
            facts.zone.replaceAll("_", " "),
          )}
        </p>
        <p className="text-sm">{SETTINGS_WORDS.locationHint}</p>
        <Ways pages={["climate", "climate/records", "climate/places"]} first="Frost & season" />
      </Part>
      <Part title={SETTINGS_WORDS.measures}>
        <UnitsSwitch />
        <div className="mt-3">
          <CurrencySwitch />
        </div>
      </Part>
      <Part title={SETTINGS_WORDS.appearance}>
        <Appearance />
        <EnglishSwitch />
      </Part>
      <Part title={SETTINGS_WORDS.work}>
        <p className="text-sm">{SETTINGS_WORDS.workHint}</p>
        <Ways pages={["people", "plan", "today"]} />
      </Part>
      <Part title={SETTINGS_WORDS.data}>
        <p className="text-sm">{SETTINGS_WORDS.dataHint}</p>
        <Ways pages={["import", "log"]} />
        <p className="mt-2">
          <Link className="link" href="/">
            {say.allCollections}
          </Link>
        </p>
      </Part>
      <p className="text-sm">
        <Link className="link" href={pageAt(collectionId, "pots/figures")}>
          {PAGE_WORDS["pots/figures"]}
        </Link>
        {say.whatEveryFigureRestsOn}
      </p>
    </div>
  );
}

const coordinate = (deg: number, plus: string, minus: string) =>
  `${number(Math.abs(deg), 2)}° ${deg < 0 ? minus : plus}`;

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title}>
      <h2 className="mb-2 text-xl">{title}</h2>
      {children}
    </section>
  );
}

const WAY_WORDS: Partial<Record<Page, string>> = {
  ...PAGE_WORDS,
  plan: say.planSchoolRoomBudget,
  today: say.calendarFeed,
};

function Ways({ pages, first }: { pages: readonly Page[]; first?: string }) {
  const { collectionId } = useAsOf();
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      {pages.map((page, i) => (
        <Link key={page} prefetch={false} className="btn btn-sm min-h-11" href={pageAt(collectionId, page)}>
          {i === 0 && first ? first : WAY_WORDS[page]}
        </Link>
      ))}
    </div>
  );
}

function Collection({ facts }: { facts: SettingsFacts }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const risks = RISKS.includes(facts.risk as (typeof RISKS)[number]) ? RISKS : [...RISKS, facts.risk];
  const [start] = useState({ name: facts.name, risk: String(facts.risk) });
  const form = useCommandForm("describe-collection", {
    start,
    input: ({ name, risk }) => ({ collectionId, name, risk: Number(risk) }),
    done: (_, { name }) => tell({ text: `${name}: saved.`, entryId: null }),
  });
  return (
    <CommandForm
      of={form}
      label={SETTINGS_WORDS.collection}
      button={["Save", common.saving]}
      className="max-w-md space-y-3"
    >
      <TextInput name="name" label={common.name} />
      <ChoiceInput
        name="risk"
        label={RISK_WORDS.label}
        hint={RISK_WORDS.hint}
        options={risks.map((r) => [String(r), RISK_WORDS.of(percent(r), r)] as const)}
      />
    </CommandForm>
  );
}
