import { useEffect, useState } from "react";
import { SCREEN_HELP, shutHelp, shutHelpCookie } from "../../components/words/screen-help.ts";
import { Check } from "./parts.tsx";

/** Whether screens have their short help in this browser; each can be shut on its own screen. */
export function HelpChoice() {
  const [isOn, setOn] = useState(true);
  useEffect(() => setOn(shutHelp(document.cookie).length === 0), []);
  const choose = (on: boolean) => {
    // biome-ignore lint/suspicious/noDocumentCookie: the server draws the page by it, and the other way to set one is not in every browser
    document.cookie = shutHelpCookie(on ? [] : Object.keys(SCREEN_HELP));
    setOn(on);
  };
  return (
    <Check
      name="A line at the top of each screen that says what it is for (in this browser)"
      on={isOn}
      onChange={choose}
    />
  );
}
