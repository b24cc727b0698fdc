import { useState } from "react";
import type { GroupId } from "../../schemas/ids.ts";
import { call } from "../shared/client.ts";

/** Erases a rehearsal with one press, and leads back to Today. */
export function EraseRehearsal({ groupId }: { readonly groupId: GroupId }) {
  const [failure, setFailure] = useState("");
  const erase = async () => {
    try {
      await call("DELETE /api/groups/:groupId/rehearsal", { params: { groupId } });
      location.assign("/");
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  return (
    <>
      <button type="button" className="button min-h-11 py-0 font-normal" onClick={() => void erase()}>
        Erase the rehearsal
      </button>
      {failure && <span role="alert">{failure}</span>}
    </>
  );
}
