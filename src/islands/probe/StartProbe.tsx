import { useState } from "react";
import type { GroupId } from "../../schemas/ids.ts";
import type { Learner } from "../../server/groups/groups.ts";
import { call } from "../shared/client.ts";

interface Props {
  readonly groupId: GroupId;
  readonly learner: Learner;
}

/** Begins a probe of one learner, and leads to it. */
export function StartProbe({ groupId, learner }: Props) {
  const [failure, setFailure] = useState("");
  const [busy, setBusy] = useState(false);
  const begin = async () => {
    setBusy(true);
    try {
      const session = await call("POST /api/sessions", { body: { groupId, learnerId: learner.id, probe: true } });
      location.assign(`/teach/${session.id}`);
    } catch (error) {
      setFailure((error as Error).message);
      setBusy(false);
    }
  };
  return (
    <p className="mb-4 flex flex-wrap items-center gap-x-3 gap-y-2">
      <button type="button" className="button" disabled={busy} onClick={() => void begin()}>
        Probe {learner.nickname}
      </button>
      <span role="status" className="min-w-0 flex-1 text-[15px] text-quiet">
        {failure || "Three minutes, one learner: each next word is the one that tells most about what is not sure yet."}
      </span>
    </p>
  );
}
