import type { z } from "zod";
import { type Fault, type FaultCode, fault } from "./faults";

/** Codes are lower-case words with hyphens; what zod itself would say begins with a capital. */
const CODE = /^[a-z]+(-[a-z]+)*$/;
/** Whether an issue's message is a code of ours. @example isCode("lower-first") // true */
export const isCode = (message: string): message is FaultCode => CODE.test(message);

type Issue = z.core.$ZodIssue;

/** The field an issue is about: the last part of its way that is no number. */
const fieldOf = (path: readonly PropertyKey[]) => String(path.findLast((part) => typeof part === "string") ?? "");

const counted = (origin: string) =>
  origin === "string" ? "text" : origin === "array" || origin === "set" ? "list" : "number";

/** What a schema found wrong, as faults with their codes. */
export function faultOfIssue(issue: Issue): Fault {
  const path = issue.path.join(".");
  if (isCode(issue.message)) return { path, code: issue.message } as Fault;
  switch (issue.code) {
    case "too_small": {
      const of = counted(issue.origin);
      const least = Number(issue.minimum);
      if (of === "text" && least <= 1) return fault(path, "missing");
      return fault(path, "too-small", { least, inclusive: issue.inclusive ?? true, of, field: fieldOf(issue.path) });
    }
    case "too_big":
      return fault(path, "too-big", {
        most: Number(issue.maximum),
        inclusive: issue.inclusive ?? true,
        of: counted(issue.origin),
        field: fieldOf(issue.path),
      });
    case "invalid_type":
      if (issue.expected === "int") return fault(path, "not-a-whole-number");
      if (issue.input === undefined || issue.input === null) return fault(path, "missing");
      return fault(path, issue.expected === "number" ? "not-a-number" : "unreadable");
    case "invalid_value":
      return fault(path, "not-a-choice");
    case "invalid_union": {
      const inner = issue.errors.flat().find((i) => isCode(i.message));
      return inner ? faultOfIssue({ ...inner, path: [...issue.path, ...inner.path] }) : fault(path, "unreadable");
    }
    default:
      return fault(path, "unreadable");
  }
}

/** Reads an input by its schema: what is right, or everything that is wrong with it. One rule for the form and the server. */
export function readBy<S extends z.ZodType>(
  schema: S,
  raw: unknown,
): { ok: true; value: z.output<S> } | { ok: false; faults: Fault[] } {
  const parsed = schema.safeParse(raw, { reportInput: true });
  return parsed.success
    ? { ok: true, value: parsed.data }
    : { ok: false, faults: parsed.error.issues.map(faultOfIssue) };
}
