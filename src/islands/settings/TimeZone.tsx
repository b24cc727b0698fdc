import { useMemo, useState } from "react";
import { toast } from "sonner";
import { Select } from "../../components/ui/Select.tsx";
import { call } from "../shared/client.ts";
import { Section } from "./parts.tsx";

/** Where the school is: its days begin and end there. @param props.first the zone as it is stored or thought */
export function TimeZone({ first }: { readonly first: string }) {
  const [zone, setZone] = useState(first);
  const zones = useMemo(() => [...new Set([...Intl.supportedValuesOf("timeZone"), first])].sort(), [first]);
  const choose = async (timeZone: string) => {
    setZone(timeZone);
    try {
      await call("PUT /api/school/time-zone", { body: { timeZone, onlyIfUnset: false } });
      toast.success("Kept", { id: "school", duration: 1200 });
    } catch (error) {
      setZone(zone);
      toast.error((error as Error).message);
    }
  };
  const now = new Intl.DateTimeFormat("en-GB", { timeZone: zone, weekday: "long", hour: "2-digit", minute: "2-digit" });
  return (
    <Section title="Time">
      <Select
        label="Time where the school is"
        value={zone}
        choices={zones}
        nameOf={(id) => id.replaceAll("_", " ")}
        onChange={choose}
      />
      <p className="mt-2 text-[14px] text-quiet" suppressHydrationWarning>
        There it is {now.format(new Date())} now.
      </p>
    </Section>
  );
}
