import { useRef, useState } from "react";
import { toast } from "sonner";
import { showSoundWriting } from "../../components/words/sounds.ts";
import type { SchoolSettings } from "../../core/light.ts";
import { call } from "../shared/client.ts";
import { useAnnouncedAutosave } from "../shared/use-announced-autosave.ts";

export interface SchoolChoices {
  readonly school: SchoolSettings;
  /** Why the last change was not taken; empty when it was. */
  readonly failure: string;
  /** Changes some of the choices; stored as they are made. */
  readonly change: (change: Partial<SchoolSettings>) => void;
}

/** The school's choices as they are made, stored, restored after a crash and merged with what others change. */
export function useSchool(first: SchoolSettings): SchoolChoices {
  const [school, setSchool] = useState(first);
  const [failure, setFailure] = useState("");
  /** For what is pressed later than it is drawn. */
  const latest = useRef(first);
  const show = (next: SchoolSettings) => {
    latest.current = next;
    showSoundWriting(next.soundStyle, next.accent.accent);
    setSchool(next);
  };
  const autosave = useAnnouncedAutosave({
    name: "zip-step school",
    stored: first,
    send: (whole, base) => call("PUT /api/school", { body: { ...whole, ...(base && { base }) }, outlive: true }),
    onRestored: show,
    onSaved: () => {
      setFailure("");
      toast.success("Kept", { id: "school", duration: 1200 });
    },
    // What was typed stays where it was typed, to be put right.
    onRefused: (error) => {
      show(autosave.stored);
      setFailure(error.message);
    },
  });
  return {
    school,
    failure,
    change: (change) => {
      const next = { ...latest.current, ...change };
      show(next);
      setFailure("");
      autosave.save(next);
    },
  };
}
