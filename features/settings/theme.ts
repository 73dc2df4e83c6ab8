/** Where a device remembers its theme, and what it may be; as the device has it where nothing is remembered. */
export const THEME_KEY = "aurelian-theme";
export const THEMES = ["device", "day", "evening"] as const;
export type Theme = (typeof THEMES)[number];

/** The themes' names in the styles; null: the device decides. */
export const THEME_NAMES: Record<Theme, string | null> = { device: null, day: "yard", evening: "evening" };

/** Says the theme before the first picture: else an evening page would flash. */
export const THEME_SCRIPT = `try{var t=${JSON.stringify(THEME_NAMES)}[localStorage.getItem(${JSON.stringify(THEME_KEY)})];if(t)document.documentElement.dataset.theme=t}catch(e){}`;
