import { Command as Menu } from "cmdk";

export interface Command {
  name: string;
  key?: string;
  run: () => void;
}

interface Props {
  commands: Command[];
  isOpen: boolean;
  setOpen: (isOpen: boolean) => void;
}

/** Every command by name, found by typing a few letters; and the list of keys. */
export function Palette({ commands, isOpen, setOpen }: Props) {
  return (
    <Menu.Dialog
      open={isOpen}
      onOpenChange={setOpen}
      label="Find a command"
      overlayClassName="fixed inset-0 z-30 bg-black/40"
      contentClassName="panel fixed top-[12vh] left-1/2 z-40 w-[min(34rem,92vw)] -translate-x-1/2 shadow-xl"
    >
      <h2 className="heading mb-2">Commands and keys</h2>
      <div className="field">
        <Menu.Input placeholder="Type a few letters" className="min-h-11 w-full bg-transparent px-3 outline-none" />
      </div>
      <Menu.List className="mt-2 max-h-[50vh] overflow-y-auto">
        <Menu.Empty className="px-3 py-2 text-muted">No command is called that.</Menu.Empty>
        {commands.map((command) => (
          <Menu.Item
            key={command.name}
            value={command.name}
            className="flex min-h-11 cursor-pointer items-center justify-between px-3 data-[selected=true]:bg-sunk data-[selected=true]:font-semibold"
            onSelect={() => {
              setOpen(false);
              command.run();
            }}
          >
            {command.name}
            {command.key !== undefined && (
              <kbd className="border border-line px-2 font-mono text-sm">{command.key}</kbd>
            )}
          </Menu.Item>
        ))}
      </Menu.List>
    </Menu.Dialog>
  );
}
