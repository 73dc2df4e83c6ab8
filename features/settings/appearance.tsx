"use client";

import { useSyncExternalStore } from "react";
import { type English, english, ENGLISH_COOKIE, ENGLISHES } from "@/words/english";
import { ENGLISH_WORDS, SETTINGS_WORDS, THEME_WORDS } from "@/words/settings";
import { chooseTheme, type Theme, THEME_KEY, THEMES } from "./theme";

const CHANGED = "aurelian-theme-changed";

function onTheme(changed: () => void) {
  window.addEventListener(CHANGED, changed);
  return () => window.removeEventListener(CHANGED, changed);
}
const themeNow = (): Theme => {
  const kept = window.localStorage.getItem(THEME_KEY);
  return THEMES.find((t) => t === kept) ?? "device";
};

/** Day or evening: kept on this device, set before the first picture by the page's own first script. */
export function Appearance() {
  const theme = useSyncExternalStore(onTheme, themeNow, () => "device");
  const choose = (next: Theme) => {
    chooseTheme(next);
    window.dispatchEvent(new Event(CHANGED));
  };
  return (
    <fieldset className="flex flex-wrap items-center gap-x-6 gap-y-1">
      <legend className="text-sm">{SETTINGS_WORDS.appearanceHint}</legend>
      {THEMES.map((key) => (
        <label key={key} className="flex min-h-11 cursor-pointer items-center gap-2">
          <input type="radio" name="theme" className="radio" checked={theme === key} onChange={() => choose(key)} />
          {THEME_WORDS[key]}
        </label>
      ))}
    </fieldset>
  );
}

const YEAR_S = 365 * 86_400;

function chooseEnglish(next: English) {
  document.cookie = `${ENGLISH_COOKIE}=${next}; path=/; max-age=${YEAR_S}; samesite=strict`;
  window.location.reload();
}

/** Spelling, a few terms and the form of dates: kept on this device, and sent along so that the server's pages agree. */
export function EnglishSwitch() {
  return (
    <fieldset className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-1">
      <legend className="text-sm">{SETTINGS_WORDS.englishHint}</legend>
      {ENGLISHES.map((key) => (
        <label key={key} className="flex min-h-11 cursor-pointer items-center gap-2">
          <input
            type="radio"
            name="english"
            className="radio"
            defaultChecked={english() === key}
            onChange={() => chooseEnglish(key)}
          />
          {ENGLISH_WORDS[key]}
        </label>
      ))}
    </fieldset>
  );
}
