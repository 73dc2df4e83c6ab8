/** What this device remembers under a key; null where nothing does, or nothing that can be read. */
export function restore<T>(key: string, read: (value: unknown) => T | null): T | null {
  try {
    const text = window.localStorage.getItem(key);
    return text === null ? null : read(JSON.parse(text));
  } catch {
    return null;
  }
}
