/** Where a device remembers its theme, and what it may be; as the device has it where nothing is remembered. */
export const THEME_KEY = "aurelian-theme";
export const THEMES = ["device", "day", "evening"] as const;
export type Theme = (typeof THEMES)[number];

/** The themes' names in the styles; null: the device decides. */
const THEME_NAMES: Record<Theme, string | null> = { device: null, day: "yard", evening: "evening" };

/** Shows and remembers a theme. */
export function chooseTheme(theme: Theme): void {
  window.localStorage.setItem(THEME_KEY, theme);
  const name = THEME_NAMES[theme];
  if (name === null) document.documentElement.removeAttribute("data-theme");
  else document.documentElement.dataset.theme = name;
}

/** Says the theme before the first picture: else an evening page would flash. */
export const THEME_SCRIPT = `try{var t=${JSON.stringify(THEME_NAMES)}[localStorage.getItem(${JSON.stringify(THEME_KEY)})];if(t)document.documentElement.dataset.theme=t}catch(e){}`;
