"use client";

import * as say from "@/words/pages/today";
import { useState } from "react";
import { useAsOf } from "@/features/kernel/as-of";
import { feedAt, streamAt } from "@/features/kernel/addresses";
import { useNotice } from "@/features/kernel/notice";
import { useCommand } from "@/features/kernel/use-command";
import { useRouter } from "next/navigation";
import { FormFaults } from "@/ui/fields";

/** The list in a calendar: as a file, or by an address that the calendar asks again and again. */
export function CalendarPart({ fed }: { fed: boolean }) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const router = useRouter();
  const make = useCommand("make-feed");
  const revoke = useCommand("revoke-feeds");
  const [address, setAddress] = useState<string | null>(null);
  return (
    <details className="no-print border-base-300 mt-2 border-t pt-2" data-testid="calendar">
      <summary className="min-h-11 cursor-pointer content-center text-lg font-medium">{say.calendar}</summary>
      <p className="mb-2">{say.theListAsACalendar}</p>
      <div className="flex flex-wrap gap-2">
        <a className="btn min-h-11" href={streamAt(collectionId, "calendar")} download="today.ics">
          {say.download}
        </a>
        <button
          type="button"
          className="btn min-h-11"
          disabled={make.busy}
          onClick={() =>
            void make.send({ collectionId }).then((done) => {
              if (!done) return;
              setAddress(`${window.location.origin}${feedAt(done.result.token)}`);
              router.refresh();
            })
          }
        >
          {say.makeAnAddress}
        </button>
        {fed && (
          <button
            type="button"
            className="btn min-h-11"
            disabled={revoke.busy}
            onClick={() =>
              void revoke.send({ collectionId }).then((done) => {
                if (!done) return;
                setAddress(null);
                tell({ text: say.noAddressWorksAnyMore, entryId: null });
                router.refresh();
              })
            }
          >
            {say.stopAllAddresses}
          </button>
        )}
      </div>
      {address !== null && (
        <p className="mt-2">
          {say.copyItNowItIs}
          <code className="break-all" data-testid="feed-address">
            {address}
          </code>
        </p>
      )}
      <FormFaults faults={[...(make.failure?.faults ?? []), ...(revoke.failure?.faults ?? [])]} />
    </details>
  );
}
