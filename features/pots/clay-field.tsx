"use client";

import * as say from "@/words/pages/pots/clay-field";
import { useState } from "react";
import { FormFaults, SelectField } from "@/ui/fields";
import { unplaced, useCommand } from "@/features/kernel/use-command";
import { useAsOf } from "@/features/kernel/as-of";
import { useNotice } from "@/features/kernel/notice";
import { FROST_PROOF_WORDS, frostProofKey } from "@/words/terms";

const OPTIONS = Object.entries(FROST_PROOF_WORDS) as [keyof typeof FROST_PROOF_WORDS, string][];
const SAID = { yes: true, no: false, unknown: null } as const;

/** Whether a lot's clay stands wet frost: by the maker's word, or by the winters it has seen. */
export function ClayField({
  lotId,
  frostProof,
  className,
}: {
  lotId: string;
  frostProof: boolean | null;
  className?: string;
}) {
  const { collectionId } = useAsOf();
  const { tell } = useNotice();
  const { send, failure } = useCommand("describe-lot");
  const [key, setKey] = useState(frostProofKey(frostProof));
  return (
    <div className={className}>
      <SelectField
        label={say.wetFrostOnItsClay}
        value={key}
        onChange={async (said) => {
          setKey(said);
          const done = await send({ collectionId, lotId, frostProof: SAID[said] });
          if (done) tell({ text: say.wetFrostOnItsClayIs(FROST_PROOF_WORDS[said]), entryId: done.entryId });
          else setKey(key);
        }}
        options={OPTIONS}
      />
      <FormFaults faults={unplaced(failure, [])} />
    </div>
  );
}
