import { AlertDialog } from "radix-ui";
import { Button } from "../kit/Button";

/** Asks once, with what is lost, before a job is erased for good. */
export function Erase({ title, onErase }: { title: string; onErase: () => Promise<void> }) {
  return (
    <AlertDialog.Root>
      <AlertDialog.Trigger asChild>
        <Button tone="quiet" className="text-danger" aria-label={`Erase ${title}`}>
          Erase
        </Button>
      </AlertDialog.Trigger>
      <AlertDialog.Portal>
        <AlertDialog.Overlay className="fixed inset-0 z-20 bg-ink/40" />
        <AlertDialog.Content className="panel fixed top-1/2 left-1/2 z-30 w-[min(32rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 p-6">
          <AlertDialog.Title className="heading mb-2">Erase ‘{title}’ for good?</AlertDialog.Title>
          <AlertDialog.Description className="mb-4">
            The job goes with its whole history and its customer’s name. It cannot be brought back from here; backups
            that were taken before keep it until they are replaced.
          </AlertDialog.Description>
          <div className="flex flex-wrap justify-end gap-2">
            <AlertDialog.Cancel asChild>
              <Button>Keep it</Button>
            </AlertDialog.Cancel>
            <AlertDialog.Action asChild>
              <Button className="border-danger text-danger" onClick={() => void onErase()}>
                Erase for good
              </Button>
            </AlertDialog.Action>
          </div>
        </AlertDialog.Content>
      </AlertDialog.Portal>
    </AlertDialog.Root>
  );
}
