/** Letters without accents or case, for comparing; marks stay, for tags and for where a note is cut. @example fold("Meyér") // "meyer" */
export function fold(text: string): string {
  return text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();
}
