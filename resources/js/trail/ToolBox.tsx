import { useState } from "react";
import type { TrailTool } from "../api/generated/trail";
import { Panel } from "../kit/Panel";
import { Toggle } from "../kit/Toggle";
import { useText } from "../kit/messages";

const KEY = "lamp-thread/tools";

/** Ids of the tools at hand, joined by commas; '' for the usual ones. Remembered in this browser. */
export function useTools(): [string, (tools: string) => void] {
  const [tools, setTools] = useState(() => localStorage.getItem(KEY) ?? "");
  return [
    tools,
    (next) => {
      localStorage.setItem(KEY, next);
      setTools(next);
    },
  ];
}

interface Props {
  tools: TrailTool[];
  chosen: string;
  onChange: (tools: string) => void;
}

/** What is at hand: only tests that need no more are offered. */
export function ToolBox({ tools, chosen, onChange }: Props) {
  const text = useText();
  const has = chosen === "" ? tools.filter((tool) => tool.isUsual).map((tool) => tool.id) : chosen.split(",");
  return (
    <Panel title="At hand">
      <div className="grid grid-cols-2 gap-x-4">
        {tools.map((tool) => (
          <Toggle
            key={tool.id}
            label={text(tool, "says")}
            isOn={has.includes(tool.id)}
            onChange={(isOn) => {
              const next = isOn ? [...has, tool.id] : has.filter((id) => id !== tool.id);
              onChange(next.length === 0 ? "eyes" : next.join(","));
            }}
          />
        ))}
      </div>
    </Panel>
  );
}
