import { useRef } from "react";
import { Button } from "./Button";

interface Props {
  /** On the button. */
  label: string;
  /** What is asked for, for those who do not see it. */
  name: string;
  accept: string;
  tone?: "plain" | "strong";
  onFile: (file: File) => void;
}

/** Asks for a file; the same one can be given again. */
export function FileButton({ label, name, accept, tone = "plain", onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button tone={tone} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="hidden"
        aria-label={name}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = "";
          if (chosen !== undefined) {
            onFile(chosen);
          }
        }}
      />
    </>
  );
}
