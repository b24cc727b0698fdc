import Ellipsis from "lucide-react/icons/ellipsis";
import { useState } from "react";
import { toast } from "sonner";
import { Dialog, DialogClose } from "../../components/ui/Dialog.tsx";
import { Menu, MenuGroup, MenuItem } from "../../components/ui/Menu.tsx";
import { saidMoment } from "../../components/words/dates.ts";
import type { ChainId } from "../../schemas/ids.ts";
import type { ChainVersion } from "../../server/chains/chains.ts";
import type { Group } from "../../server/groups/groups.ts";
import { call } from "../shared/client.ts";

interface Props {
  readonly chainId: ChainId | undefined;
  readonly groups: readonly Group[];
  /** Where the chain is printed; undefined without words. */
  readonly paper: string | undefined;
  readonly onSaveAs: () => void;
  readonly onRestore: (words: readonly string[]) => void;
  readonly onForGroup: (groupId: string) => void;
}

/** What is seldom pressed: save under another name, earlier versions, the same chain for another group. */
export function MoreMenu({ chainId, groups, paper, onSaveAs, onRestore, onForGroup }: Props) {
  const hasWords = paper !== undefined;
  const [versions, setVersions] = useState<readonly ChainVersion[]>();
  const show = async () => {
    if (chainId === undefined) return;
    try {
      setVersions(await call("GET /api/chains/:chainId/versions", { params: { chainId } }));
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  return (
    <>
      <Menu
        button={<Ellipsis size={18} aria-hidden />}
        buttonClassName="button grid place-items-center min-w-11 px-2.5"
        label="More to do with this chain"
        align="end"
      >
        <MenuItem isDisabled={!hasWords} onSelect={() => paper && location.assign(paper)}>
          Print: card, strips, tiles, sheets…
        </MenuItem>
        <MenuItem isDisabled={!hasWords} onSelect={onSaveAs}>
          Save as another chain
        </MenuItem>
        <MenuItem isDisabled={!chainId} onSelect={show}>
          Earlier versions…
        </MenuItem>
        {groups.length > 0 && (
          <MenuGroup name="The same chain for another group">
            {groups.map(({ id, name }) => (
              <MenuItem key={id} isDisabled={!hasWords} onSelect={() => onForGroup(id)}>
                {name}
              </MenuItem>
            ))}
          </MenuGroup>
        )}
      </Menu>
      <Dialog
        title="Earlier versions"
        width="wide"
        open={versions !== undefined}
        onOpenChange={(open) => !open && setVersions(undefined)}
      >
        <ul className="mt-3">
          {versions?.map((version) => (
            <li key={version.id} className="flex items-center gap-3 border-t border-hairline py-2">
              <span className="min-w-0 flex-1">
                <span className="block truncate font-learner text-[17px]">{version.words.join("  ")}</span>
                <span className="text-[12.5px] text-quiet">
                  {version.title} · {saidMoment(version.savedAt, "moment")}
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
          <DialogClose>Close</DialogClose>
        </div>
      </Dialog>
    </>
  );
}
