import { parseIso } from "@/core/dates/index";

export interface CollectionPageProps {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ on?: string }>;
}

/** The as-of day an address asks for; today when it asks for none that exists. */
export function asOfDay(asked: string | undefined, today: string): string {
  return asked !== undefined && parseIso(asked) !== null ? asked : today;
}
