import { useId, useState } from "react";
import type { TrailTest } from "../api/generated/trail";
import { capital } from "../kit/capital";
import { Button } from "../kit/Button";
import { useText } from "../kit/messages";

interface Props {
  test: Pick<TrailTest, "id" | "reads" | "options">;
  onAnswer: (test: string, given: string) => void;
}

/** What came of a test: one of what can be seen, or a number; or that nobody knows. */
export function AnswerField({ test, onAnswer }: Props) {
  const text = useText();
  const id = useId();
  const [typed, setTyped] = useState("");
  return (
    <div className="flex flex-wrap items-start gap-2">
      {test.reads === null ? (
        test.options.map((option) => (
          <Button
            key={option.id}
            onClick={() => {
              onAnswer(test.id, option.id);
            }}
          >
            {capital(text(option, "says"))}
          </Button>
        ))
      ) : (
        <form
          className="flex items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (typed.trim() !== "") {
              onAnswer(test.id, typed.trim());
            }
          }}
        >
          <label htmlFor={id} className="sr-only">
            What it reads
          </label>
          <input
            id={id}
            className="field min-h-11 w-28 px-3 font-mono"
            placeholder={test.reads === "volt" ? "V" : "A"}
            autoComplete="off"
            value={typed}
            onChange={(event) => {
              setTyped(event.target.value);
            }}
          />
          <Button tone="strong" type="submit">
            Enter
          </Button>
        </form>
      )}
      <SomethingElse
        onSaid={(words) => {
          onAnswer(test.id, `else: ${words}`);
        }}
      />
      <Button
        tone="quiet"
        onClick={() => {
          onAnswer(test.id, "not-sure");
        }}
      >
        Not sure
      </Button>
      <Button
        tone="quiet"
        onClick={() => {
          onAnswer(test.id, "not-tried");
        }}
      >
        Not possible here
      </Button>
    </div>
  );
}

/** What was seen that is none of the answers, in words: it stays in the record. */
function SomethingElse({ onSaid }: { onSaid: (words: string) => void }) {
  const id = useId();
  const [words, setWords] = useState("");
  return (
    <details>
      <summary className="min-h-11 cursor-pointer px-3 py-2.5 font-semibold">Something else</summary>
      <form
        className="flex flex-wrap items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (words.trim() !== "") {
            onSaid(words.trim());
          }
        }}
      >
        <label htmlFor={id} className="sr-only">
          What was seen instead
        </label>
        <input
          id={id}
          className="field min-h-11 w-64 px-3"
          placeholder="What was seen instead"
          maxLength={180}
          autoComplete="off"
          value={words}
          onChange={(event) => {
            setWords(event.target.value);
          }}
        />
        <Button type="submit">Keep it</Button>
      </form>
    </details>
  );
}
