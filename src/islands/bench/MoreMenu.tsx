import { MoreHorizontal } from "lucide-react";
import { Dialog, DropdownMenu } from "radix-ui";
import { useState } from "react";
import { toast } from "sonner";
import type { ChainVersion } from "../../server/chains/chains.ts";
import type { Group } from "../../server/groups/groups.ts";
import { call } from "../shared/client.ts";

interface Props {
  readonly chainId: string | undefined;
  readonly groups: readonly Group[];
  readonly hasWords: boolean;
  readonly onSaveAs: () => void;
  readonly onRestore: (words: readonly string[]) => void;
  readonly onForGroup: (groupId: string) => void;
}

const ITEM =
  "flex min-h-10 cursor-pointer items-center rounded px-3 outline-none data-[highlighted]:bg-change-soft data-[disabled]:text-quiet";

/** What is seldom pressed: save under another name, earlier versions, the same chain for another group. */
export function MoreMenu({ chainId, groups, hasWords, onSaveAs, onRestore, onForGroup }: Props) {
  const [versions, setVersions] = useState<readonly ChainVersion[]>();
  const show = async () => {
    try {
      setVersions(await call<ChainVersion[]>("GET", `/api/chains/${chainId}/versions`));
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className="button grid place-items-center px-2.5" aria-label="More to do with this chain">
          <MoreHorizontal size={18} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            sideOffset={6}
            className="z-20 w-64 rounded-lg border border-rule bg-sheet p-1 shadow-lg"
          >
            <DropdownMenu.Item className={ITEM} disabled={!hasWords} onSelect={onSaveAs}>
              Save as another chain
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} disabled={!chainId} onSelect={show}>
              Earlier versions…
            </DropdownMenu.Item>
            {groups.length > 0 && (
              <DropdownMenu.Label className="label px-3 pt-2">The same chain for another group</DropdownMenu.Label>
            )}
            {groups.map(({ id, name }) => (
              <DropdownMenu.Item key={id} className={ITEM} disabled={!hasWords} onSelect={() => onForGroup(id)}>
                {name}
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <Dialog.Root open={versions !== undefined} onOpenChange={(open) => !open && setVersions(undefined)}>
        <Dialog.Portal>
          <Dialog.Overlay className="fixed inset-0 z-20 bg-ink/30" />
          <Dialog.Content
            aria-describedby={undefined}
            className="fixed left-1/2 top-1/2 z-20 max-h-[80vh] w-[min(520px,94vw)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-xl bg-sheet p-6 shadow-2xl"
          >
            <Dialog.Title className="text-xl font-bold">Earlier versions</Dialog.Title>
            <ul className="mt-3">
              {versions?.map((version) => (
                <li key={version.id} className="flex items-center gap-3 border-t border-hairline py-2">
                  <span className="min-w-0 flex-1">
                    <span className="block truncate font-learner text-[17px]">{version.words.join("  ")}</span>
                    <span className="text-[12.5px] text-quiet">
                      {version.title} ·{" "}
                      {new Date(version.savedAt).toLocaleString("en-GB", { dateStyle: "medium", timeStyle: "short" })}
                    </span>
                  </span>
                  <button
                    type="button"
                    className="button shrink-0"
                    onClick={() => {
                      onRestore(version.words);
                      setVersions(undefined);
                    }}
                  >
                    Bring back
                  </button>
                </li>
              ))}
            </ul>
            <div className="mt-4 flex justify-end">
              <Dialog.Close className="button">Close</Dialog.Close>
            </div>
          </Dialog.Content>
        </Dialog.Portal>
      </Dialog.Root>
    </>
  );
}
