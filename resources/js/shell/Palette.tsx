import { Dialog } from "radix-ui";
import { useState } from "react";

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
  const [text, setText] = useState("");
  const [chosen, setChosen] = useState(0);
  const found = commands.filter((command) => matches(command.name, text));
  const run = (command: Command | undefined) => {
    if (command !== undefined) {
      setOpen(false);
      setText("");
      command.run();
    }
  };
  return (
    <Dialog.Root open={isOpen} onOpenChange={setOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="panel fixed top-[12vh] left-1/2 z-40 w-[min(34rem,92vw)] -translate-x-1/2 shadow-xl"
        >
          <Dialog.Title className="heading mb-2">Commands and keys</Dialog.Title>
          <div className="field">
            <input
              aria-label="Find a command"
              placeholder="Type a few letters"
              className="min-h-11 w-full bg-transparent px-3 outline-none"
              value={text}
              onChange={(event) => {
                setText(event.target.value);
                setChosen(0);
              }}
              onKeyDown={(event) => {
                if (event.key === "ArrowDown" || event.key === "ArrowUp") {
                  event.preventDefault();
                  const step = event.key === "ArrowDown" ? 1 : -1;
                  setChosen((now) => Math.max(0, Math.min(found.length - 1, now + step)));
                } else if (event.key === "Enter") {
                  run(found[chosen]);
                }
              }}
            />
          </div>
          <ul className="mt-2 max-h-[50vh] overflow-y-auto">
            {found.map((command, at) => (
              <li key={command.name}>
                <button
                  type="button"
                  className={`flex min-h-11 w-full items-center justify-between px-3 text-left hover:bg-sunk ${at === chosen ? "bg-sunk font-semibold" : ""}`}
                  onClick={() => {
                    run(command);
                  }}
                >
                  {command.name}
                  {command.key !== undefined && (
                    <kbd className="border border-line px-2 font-mono text-sm">{command.key}</kbd>
                  )}
                </button>
              </li>
            ))}
            {found.length === 0 && <li className="px-3 py-2 text-muted">No command is called that.</li>}
          </ul>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Whether the letters come in the name in this order. */
function matches(name: string, letters: string): boolean {
  let at = 0;
  const wanted = letters.toLowerCase().replaceAll(" ", "");
  for (const letter of name.toLowerCase()) {
    if (letter === wanted[at]) {
      at++;
    }
  }
  return at === wanted.length;
}
