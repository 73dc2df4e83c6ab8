"use client";

import { type ReactNode, useEffect, useMemo, useState } from "react";
import {
  type DefaultValues,
  type FieldValues,
  FormProvider,
  get,
  type Path,
  useForm,
  type UseFormReturn,
} from "react-hook-form";
import type { CommandField, CommandName, CommandSent } from "@/contract/index";
import { hasField } from "@/ui/form/has-field";
import { type FieldProblem, resolverOf } from "@/ui/form/resolver";
import { Form, FormFaults } from "@/ui/fields";
import { useUnits } from "./as-of";
import { type Done, foundHere, inWords, useCommand } from "./use-command";

/** Told to a form by what makes its input: a field that cannot be read. */
type Tell<N extends CommandName> = (path: CommandField<N>, message: string) => void;

interface Asked<N extends CommandName, V extends FieldValues> {
  /** What the form begins with. */
  start: V;
  /** The command as the form's values make it; what cannot be read is told at its field. */
  input: (values: V, wrong: Tell<N>) => CommandSent<N> | Promise<CommandSent<N>>;
  done: (done: Done<N>, values: V) => void;
  /** The form's field for a field of the command, where they are not named alike. */
  fieldOf?: (path: string) => string;
  /** Fields of several inputs that show the faults of all that lies within them. */
  parts?: readonly string[];
  /** What the form shows once it is sent; what it began with where nothing is said. */
  after?: (values: V) => V;
}

interface CommandForm<V extends FieldValues> {
  form: UseFormReturn<V>;
  submit: () => Promise<void>;
  busy: boolean;
  /** What is wrong at a field, in words. */
  at: (path: string) => string | undefined;
  /** Faults of no field of the form. */
  unplaced: readonly FieldProblem[];
}

/**
 * A form on a command's own schema: everything wrong with it is told at once and at its field, by the rule the server goes by, before
 * anything is sent; what the server alone can know comes back to the same fields. What was typed stays until it is recorded.
 */
export function useCommandForm<N extends CommandName, V extends FieldValues>(
  name: N,
  { start, input, done, fieldOf = (path) => path, parts = [], after = () => start }: Asked<N, V>,
): CommandForm<V> {
  const units = useUnits();
  const { send, busy, failure } = useCommand(name);
  const form = useForm<V>({
    defaultValues: start as DefaultValues<V>,
    resolver: resolverOf<V>(async (values) => {
      const own: FieldProblem[] = [];
      const sent = await input(values, (path, message) => own.push({ path, message }));
      const found = [...own, ...inWords((await foundHere(name, sent)) ?? [], units)];
      return found.map((f) => ({ ...f, path: fieldOf(f.path) }));
    }),
  });
  const submit = form.handleSubmit(async (values) => {
    const answer = await send(await input(values, () => undefined));
    if (!answer) return;
    form.reset(after(values));
    done(answer, values);
  });
  const { formState, setError } = form;
  const [mapped] = useState(() => fieldOf);
  const [has] = useState(
    () => (path: string) => hasField(start, path) || parts.some((p) => path === p || path.startsWith(`${p}.`)),
  );
  const told = useMemo(() => (failure?.faults ?? []).map((f) => ({ ...f, path: mapped(f.path) })), [failure, mapped]);
  // What only the server could find stands at its field until the form is sent again.
  useEffect(() => {
    for (const { path, message } of told) if (has(path)) setError(path as Path<V>, { type: "server", message });
  }, [told, has, setError]);
  const { errors } = formState;
  const unplaced = useMemo(() => {
    const found = Object.entries(errors).flatMap(([path, error]) =>
      typeof error?.message === "string" ? [{ path, message: error.message }] : [],
    );
    return [...found, ...told].filter((f) => !has(f.path));
  }, [errors, told, has]);
  const at = (path: string): string | undefined => {
    const message: unknown = get(errors, `${path}.message`);
    return typeof message === "string" ? message : undefined;
  };
  return { form, submit: () => submit(), busy, at, unplaced };
}

/** The form around its inputs, with its one button. */
export function CommandForm<V extends FieldValues>({
  of,
  label,
  button,
  large = false,
  beside,
  className = "space-y-3",
  children,
}: {
  of: CommandForm<V>;
  label?: string;
  /** Its words, and those while it is sent. */
  button: readonly [string, string];
  large?: boolean;
  /** Beside its button. */
  beside?: ReactNode;
  className?: string;
  children: ReactNode;
}) {
  return (
    <FormProvider {...of.form}>
      <Form className={className} label={label} onSubmit={of.submit}>
        {children}
        <FormFaults faults={of.unplaced} />
        <div className="flex flex-wrap items-center gap-2">
          <button type="submit" className={`btn btn-primary min-h-11 ${large ? "btn-lg" : ""}`} disabled={of.busy}>
            {button[of.busy ? 1 : 0]}
          </button>
          {beside}
        </div>
      </Form>
    </FormProvider>
  );
}
