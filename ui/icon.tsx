import {
  ArrowRightLeft,
  Axe,
  CalendarRange,
  CalendarDays,
  Camera,
  CircleQuestionMark,
  CloudSun,
  Droplets,
  Ellipsis,
  FlaskConical,
  HeartPulse,
  ListTodo,
  LogOut,
  type LucideIcon,
  NotebookPen,
  Package,
  PencilLine,
  Plus,
  Ruler,
  Scissors,
  Search,
  Shovel,
  Snowflake,
  Sprout,
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
  help: CircleQuestionMark,
  more: Ellipsis,
  calendar: CalendarDays,
  record: PencilLine,
  roots: Sprout,
  wood: Axe,
  potting: Shovel,
  pruning: Scissors,
  move: ArrowRightLeft,
  feed: FlaskConical,
  water: Droplets,
  measure: Ruler,
  photo: Camera,
  note: NotebookPen,
  health: HeartPulse,
  ended: LogOut,
  add: Plus,
} satisfies Record<string, LucideIcon>;
export type IconName = keyof typeof ICONS;

/** A picture beside a word, which says the same to those who do not see it. */
export function Icon({ name, size = 18, className = "" }: { name: IconName; size?: number; className?: string }) {
  const Picture = ICONS[name];
  return <Picture aria-hidden size={size} className={`shrink-0 ${className}`} />;
}
