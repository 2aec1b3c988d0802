import { useState } from "react";
import type { Trail, TrailTest } from "../api/generated/trail";
import { Leads } from "../handover/Leads";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";
import { digits } from "../kit/units";
import { AnswerField } from "./AnswerField";
import { WhenBack } from "./WhenBack";

interface Props {
  trail: Trail;
  onAnswer: (test: string, given: string) => void;
  onShow: (spots: string[]) => void;
}

/** The test that finds it soonest, with where the leads go and why; and others that can be done instead. */
export function NextTests({ trail, onAnswer, onShow }: Props) {
  const text = useText();
  const [wished, setWished] = useState("");
  const test = trail.next.find((one) => one.id === wished) ?? trail.next[0];
  if (test === undefined) {
    return (
      <Panel title="No test tells these apart">
        <p>Look at what is left, one after the other, the likeliest first. More tools may tell more.</p>
        {trail.whenBack.length === 0 && (
          <p className="mt-2">
            It may come and go: leave a lamp or a meter where it is likeliest, and move plugs and wires until it happens
            again.
          </p>
        )}
        <WhenBack places={trail.whenBack} />
      </Panel>
    );
  }
  return (
    <Panel title={test === trail.next[0] ? "Test this next" : "Test this instead"}>
      <OneTest key={test.id} test={test} onAnswer={onAnswer} onShow={onShow} />
      {trail.next.length > 1 && (
        <details className="mt-4">
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">
            Another test ({trail.next.length - 1})
          </summary>
          <ul className="grid gap-1">
            {trail.next
              .filter((one) => one.id !== test.id)
              .map((one) => (
                <li key={one.id}>
                  <Button
                    tone="quiet"
                    onClick={() => {
                      setWished(one.id);
                    }}
                  >
                    <span className="text-left">
                      {text(one, "title")}{" "}
                      <span className="text-muted">
                        {digits(one.minutes)} min, {one.splits.join(" / ")}
                      </span>
                    </span>
                  </Button>
                </li>
              ))}
          </ul>
        </details>
      )}
    </Panel>
  );
}

function OneTest({ test, onAnswer, onShow }: { test: TrailTest } & Omit<Props, "trail">) {
  const text = useText();
  const texts = useTexts();
  return (
    <div className="grid gap-2">
      {test.setting.length > 0 && <p className="text-muted">{texts(test, "setting").join(" ")}</p>}
      <p className="text-lg font-semibold">{text(test, "title")}</p>
      <Leads leads={test.leads} onShow={onShow} />
      {test.caution !== null && <p className="border-l-4 border-l-warning pl-3">◆ {text(test, "caution")}</p>}
      <p className="text-muted">{text(test, "why")}</p>
      <AnswerField test={test} onAnswer={onAnswer} />
    </div>
  );
}
