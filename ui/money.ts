/** Prices in the collection's currency. */
export function money(value: number, currency: string): string {
  let format = formats.get(currency);
  if (!format) formats.set(currency, (format = new Intl.NumberFormat("en-GB", { style: "currency", currency })));
  return format.format(value);
}
const formats = new Map<string, Intl.NumberFormat>();
