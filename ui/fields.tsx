"use client";

import * as say from "@/words/pages/parts";
import { createContext, type ReactNode, useContext, useId } from "react";
import type { UnitSystem } from "@/core/quantity/index";
import { measuredText } from "./measured-text";

/** The units measures are typed in; metric where nothing is said. */
export const UnitsContext = createContext<UnitSystem>("metric");

/** A labelled field with its unit, hint and fault: one look for all forms. What was typed stays whatever happens. */
export function Field({
  label,
  fault,
  hint,
  children,
  className = "",
}: {
  label: string;
  fault?: string;
  hint?: ReactNode;
  className?: string;
  children: (props: { id: string; "aria-invalid": boolean; "aria-describedby": string | undefined }) => ReactNode;
}) {
  const id = useId();
  const described = [hint ? `${id}-hint` : "", fault ? `${id}-fault` : ""].filter(Boolean).join(" ") || undefined;
  return (
    <div className={`min-w-0 ${className}`}>
      <label htmlFor={id} className="mb-1 block font-medium">
        {label}
      </label>
      {children({ id, "aria-invalid": fault !== undefined, "aria-describedby": described })}
      {hint && (
        <p id={`${id}-hint`} className="mt-1 text-sm opacity-80">
          {hint}
        </p>
      )}
      {fault && (
        <p id={`${id}-fault`} role="alert" className="text-error mt-1 text-sm font-semibold">
          {fault}
        </p>
      )}
    </div>
  );
}

export function TextField({
  label,
  value,
  onChange,
  fault,
  hint,
  suffix,
  numeric = false,
  className,
  placeholder,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  fault?: string;
  hint?: ReactNode;
  suffix?: string;
  /** `signed`: may be below zero, which the decimal keypads of phones cannot type. */
  numeric?: boolean | "signed";
  className?: string;
  placeholder?: string;
}) {
  const measured = measuredText(value, suffix, useContext(UnitsContext));
  return (
    <Field label={label} fault={fault} hint={hint} className={className}>
      {(aria) => (
        <span className="flex items-center gap-2">
          <input
            {...aria}
            inputMode={numeric === true ? "decimal" : undefined}
            className={`input w-full ${fault ? "input-error" : ""}`}
            value={measured.text}
            placeholder={placeholder}
            onChange={(e) => onChange(measured.kept(e.target.value))}
          />
          {measured.suffix && <span className="shrink-0">{measured.suffix}</span>}
        </span>
      )}
    </Field>
  );
}

export function SelectField<T extends string>({
  label,
  value,
  onChange,
  options,
  fault,
  hint,
  className,
}: {
  label: string;
  value: T;
  onChange: (value: T) => void;
  options: readonly (readonly [T, string])[];
  fault?: string;
  hint?: ReactNode;
  className?: string;
}) {
  return (
    <Field label={label} fault={fault} hint={hint} className={className}>
      {(aria) => (
        <select {...aria} className="select w-full" value={value} onChange={(e) => onChange(e.target.value as T)}>
          {options.map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

/** A form of ours: the browser's own bubbles stay away, faults stand at their fields. */
export function Form({
  onSubmit,
  label,
  className,
  children,
}: {
  onSubmit: () => void | Promise<void>;
  label?: string;
  className?: string;
  children: ReactNode;
}) {
  return (
    <form
      noValidate
      aria-label={label}
      className={className}
      onSubmit={(e) => {
        e.preventDefault();
        void onSubmit();
      }}
    >
      {children}
    </form>
  );
}

/** Faults of the whole form. */
export function FormFaults({ faults }: { faults: readonly { message: string }[] }) {
  if (faults.length === 0) return null;
  return (
    <div role="alert" className="border-error text-error rounded-box border-2 bg-[#fff6f3] p-3 font-semibold">
      {faults.map((f, i) => (
        <p key={i}>{f.message}</p>
      ))}
    </div>
  );
}

/** A value that can say why: the reason opens beneath it, by mouse, touch or key. */
export function Why({
  children,
  reason,
  className = "",
}: {
  children: ReactNode;
  reason: ReactNode;
  className?: string;
}) {
  return (
    <details className={`group ${className}`} data-why="">
      <summary className="cursor-pointer list-none">
        {children}{" "}
        <span className="text-accent ml-1 text-sm whitespace-nowrap underline decoration-dotted underline-offset-2 group-open:no-underline">
          {say.why}
        </span>
      </summary>
      <div className="border-accent bg-base-200 mt-1 border-l-4 p-2 text-sm">{reason}</div>
    </details>
  );
}

/** Several values that share one reason: the reason stands folded beneath them. */
export function Reasoned({
  children,
  reason,
  className = "",
}: {
  children: ReactNode;
  reason: ReactNode;
  className?: string;
}) {
  return (
    <div data-why="" className={className}>
      {children}
      <details className="group mt-1">
        <summary className="text-accent inline-block min-h-8 cursor-pointer list-none text-sm underline decoration-dotted underline-offset-2">
          {say.why}
        </summary>
        <div className="border-accent bg-base-200 mt-1 border-l-4 p-2 text-sm">{reason}</div>
      </details>
    </div>
  );
}

/** Wide tables scroll sideways inside this; it takes the keyboard's focus so that arrows scroll it. */
export function ScrollBox({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={label}>
      {children}
    </div>
  );
}

/** A caution where the hazard is: short, and not to be dismissed. */
export function Caution({ children, className = "" }: { children: ReactNode; className?: string }) {
  return (
    <div role="note" className={`border-warning rounded-box space-y-1 bg-base-200 border-2 p-3 text-sm ${className}`}>
      {children}
    </div>
  );
}

/** Figures with what they are: name above, value beneath. */
export function Facts({
  facts,
  columns = false,
  testId,
}: {
  facts: readonly (readonly [what: string, value: string])[];
  columns?: boolean;
  testId?: string;
}) {
  return (
    <dl className={columns ? "mt-1 grid grid-cols-2 gap-x-4 gap-y-1" : "space-y-1"} data-testid={testId}>
      {facts.map(([what, value]) => (
        <div key={what}>
          <dt className="text-sm">{what}</dt>
          <dd className={columns ? "font-semibold" : "text-lg font-semibold"}>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
