"use client";

import * as say from "@/words/pages/parts";
import {
  createColumnHelper,
  createSortedRowModel,
  rowSelectionFeature,
  rowSortingFeature,
  sortFn_text,
  tableFeatures,
  useTable,
} from "@tanstack/react-table";
import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { ArrowDown, ArrowUp } from "lucide-react";
import { type ReactNode, useMemo, useState } from "react";
import { TextField } from "../fields";
import { usePrinting } from "../use-printing";

/** What a list shows of each of its rows. */
export interface ListColumn<Row> {
  id: string;
  title: string;
  cell: (row: Row) => ReactNode;
  /** What it is put in order by; without it the column cannot be. */
  order?: (row: Row) => string | number;
  /** Its share of the width, as in `minmax(0,2fr)`. */
  width: string;
  /** Only where there is room: not on a phone. */
  wide?: boolean;
}

/** Up to so many rows are all drawn: found by the browser's own search, printed, read out. More are drawn as they come into sight. */
const ALL_DRAWN = 60;

const features = tableFeatures({
  rowSortingFeature,
  rowSelectionFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { text: sortFn_text },
});

/**
 * The one list: a column can be put in order, rows found by typing, chosen, opened. Thousands of rows stay quick. On a phone the cells
 * of a row stand beneath each other.
 */
export function DataList<Row extends { id: string }>({
  label,
  rows,
  columns,
  find,
  empty,
  choice,
  rowPx = 64,
  inline = false,
}: {
  label: string;
  rows: readonly Row[];
  columns: readonly ListColumn<Row>[];
  /** A field that narrows the rows: its label, and the words of a row it looks through. */
  find?: { label: string; words: (row: Row) => string };
  /** What stands where no row is left, with what to do. */
  empty: ReactNode;
  /** Rows can be chosen: which are, and what a row is called to who does not see it. */
  choice?: {
    chosen: ReadonlySet<string>;
    onChoose: (chosen: ReadonlySet<string>) => void;
    nameOf: (row: Row) => string;
  };
  /** How high a row is, about. */
  rowPx?: number;
  /** On a phone all but the first cell of a row stand in one line beneath it. */
  inline?: boolean;
}) {
  const [typed, setTyped] = useState("");
  const wanted = typed.trim().toLocaleLowerCase();
  const found = useMemo(
    () =>
      wanted === "" || !find ? [...rows] : rows.filter((row) => find.words(row).toLocaleLowerCase().includes(wanted)),
    [rows, wanted, find],
  );
  const built = useMemo(() => {
    const helper = createColumnHelper<typeof features, Row>();
    return helper.columns(
      columns.map((c) =>
        helper.accessor((row: Row) => c.order?.(row) ?? "", {
          id: c.id,
          header: c.title,
          enableSorting: c.order !== undefined,
          sortDescFirst: false,
        }),
      ),
    );
  }, [columns]);
  const rowSelection = Object.fromEntries([...(choice?.chosen ?? [])].map((id) => [id, true as const]));
  const table = useTable({
    features,
    columns: built,
    data: found,
    getRowId: (row: Row) => row.id,
    state: { rowSelection },
    onRowSelectionChange: (change) => {
      const next = typeof change === "function" ? change(rowSelection) : change;
      choice?.onChoose(new Set(Object.keys(next).filter((id) => next[id])));
    },
  });
  const shown = table.getRowModel().rows;
  const grid = { "--columns": columns.map((c) => c.width).join(" ") } as React.CSSProperties;
  return (
    <section aria-label={label} style={grid}>
      <div className="flex flex-wrap items-end gap-3">
        {find && <TextField label={find.label} value={typed} onChange={setTyped} className="w-72 max-w-full" />}
        {find && choice && choice.chosen.size > 0 && <p role="status">{say.chosen(choice.chosen.size)}</p>}
      </div>
      {shown.length === 0 ? (
        <div className="mt-3">{empty}</div>
      ) : (
        <>
          <div
            className={`mt-2 hidden min-h-11 items-center gap-x-4 px-1 sm:grid sm:[grid-template-columns:var(--columns)] ${choice ? "sm:pl-14" : ""}`}
          >
            {table.getHeaderGroups()[0].headers.map(({ id, column }) => (
              <Head key={id} title={String(column.columnDef.header)} order={column.getCanSort() ? column : null} />
            ))}
          </div>
          <Rows count={shown.length} rowPx={rowPx} keyOf={(i) => shown[i].id}>
            {(i) => {
              const row = shown[i];
              return (
                <div className="border-base-300 flex gap-2 border-b px-1 py-1">
                  {choice && (
                    <label className="flex min-h-11 min-w-11 cursor-pointer items-center justify-center">
                      <input
                        type="checkbox"
                        className="checkbox"
                        aria-label={say.choose(choice.nameOf(row.original))}
                        checked={row.getIsSelected()}
                        onClick={row.getToggleSelectedHandler()}
                        onChange={() => undefined}
                      />
                    </label>
                  )}
                  <div
                    className={`min-h-11 flex-1 items-center gap-x-4 sm:grid sm:[grid-template-columns:var(--columns)] ${inline ? "flex flex-wrap" : "grid"}`}
                  >
                    {columns.map((c, i) => (
                      <div
                        key={c.id}
                        className={`min-w-0 ${c.wide ? "max-sm:hidden" : ""} ${inline && i === 0 ? "max-sm:basis-full" : ""}`}
                      >
                        {c.cell(row.original)}
                      </div>
                    ))}
                  </div>
                </div>
              );
            }}
          </Rows>
        </>
      )}
    </section>
  );
}

interface Orderable {
  getIsSorted: () => false | "asc" | "desc";
  toggleSorting: () => void;
}

function Head({ title, order }: { title: string; order: Orderable | null }) {
  if (order === null) return <span className="text-sm font-semibold">{title}</span>;
  const way = order.getIsSorted();
  const Arrow = way === "desc" ? ArrowDown : ArrowUp;
  return (
    <button
      type="button"
      className="flex min-h-11 items-center gap-1 text-left text-sm font-semibold"
      aria-pressed={way !== false}
      onClick={() => order.toggleSorting()}
    >
      {title}
      <Arrow aria-hidden size={14} className={way === false ? "opacity-30" : ""} />
    </button>
  );
}

function Rows({
  count,
  rowPx,
  keyOf,
  children,
}: {
  count: number;
  rowPx: number;
  keyOf: (index: number) => string;
  children: (index: number) => ReactNode;
}) {
  const printing = usePrinting();
  return count <= ALL_DRAWN || printing ? (
    <ul>
      {Array.from({ length: count }, (_, i) => (
        <li key={keyOf(i)}>{children(i)}</li>
      ))}
    </ul>
  ) : (
    <VirtualRows count={count} rowPx={rowPx} keyOf={keyOf}>
      {children}
    </VirtualRows>
  );
}

function VirtualRows({ count, rowPx, keyOf, children }: React.ComponentProps<typeof Rows>) {
  const [above, setAbove] = useState(0);
  const virtual = useWindowVirtualizer({
    count,
    estimateSize: () => rowPx,
    getItemKey: keyOf,
    overscan: 8,
    scrollMargin: above,
    // The first screen is drawn on the server, too.
    initialRect: { width: 1280, height: 900 },
  });
  return (
    <ul
      ref={(element) => {
        if (element && element.offsetTop !== above) setAbove(element.offsetTop);
      }}
      className="relative"
      style={{ height: virtual.getTotalSize() }}
    >
      {virtual.getVirtualItems().map((item) => (
        <li
          key={item.key}
          ref={virtual.measureElement}
          data-index={item.index}
          aria-setsize={count}
          aria-posinset={item.index + 1}
          className="absolute inset-x-0 top-0"
          style={{ transform: `translateY(${item.start - above}px)` }}
        >
          {children(item.index)}
        </li>
      ))}
    </ul>
  );
}
