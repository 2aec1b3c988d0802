import { useRef, useState } from "react";

/** What was picked stands at once, until the answer to it is there; then what the answer says. */
export function useAtOnce<T>(stands: T): [T, (picked: T, act: () => Promise<unknown>) => void] {
  const [picked, setPicked] = useState<{ value: T }>();
  const last = useRef(0);
  const pick = (value: T, act: () => Promise<unknown>) => {
    const number = ++last.current;
    setPicked({ value });
    void act().finally(() => {
      if (last.current === number) {
        setPicked(undefined);
      }
    });
  };
  return [picked === undefined ? stands : picked.value, pick];
}
