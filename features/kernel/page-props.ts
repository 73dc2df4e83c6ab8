import { outOfReach, parseIso } from "@/core/dates/index";

export interface CollectionPageProps {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ on?: string }>;
}

export interface TreePageProps {
  params: Promise<{ id: string; treeId: string }>;
  searchParams: Promise<{ on?: string }>;
}

/** The as-of day an address asks for; today when it asks for none that exists, or one in another age. */
export function asOfDay(asked: string | undefined, today: string): string {
  return asked && parseIso(asked) !== null && outOfReach(asked, today, "other") === null ? asked : today;
}
