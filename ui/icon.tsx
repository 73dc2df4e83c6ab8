import {
  CalendarRange,
  CalendarDays,
  CloudSun,
  Ellipsis,
  ListTodo,
  type LucideIcon,
  Package,
  Search,
  Snowflake,
  TreeDeciduous,
} from "lucide-react";

/** Which picture stands for which thing: the same one everywhere, always beside its word. */
const ICONS = {
  today: ListTodo,
  plan: CalendarRange,
  trees: TreeDeciduous,
  winter: Snowflake,
  pots: Package,
  climate: CloudSun,
  find: Search,
  more: Ellipsis,
  calendar: CalendarDays,
} satisfies Record<string, LucideIcon>;
export type IconName = keyof typeof ICONS;

/** A picture beside a word, which says the same to those who do not see it. */
export function Icon({ name, size = 18, className = "" }: { name: IconName; size?: number; className?: string }) {
  const Picture = ICONS[name];
  return <Picture aria-hidden size={size} className={`shrink-0 ${className}`} />;
}
