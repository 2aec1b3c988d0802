import { useEffect, useState } from "react";

export type Theme = "light" | "dark";

const KEY = "lamp-thread.theme";
const DARK = "(prefers-color-scheme: dark)";

function chosenHere(): Theme | undefined {
  const chosen = localStorage.getItem(KEY);
  return chosen === "light" || chosen === "dark" ? chosen : undefined;
}

const ofMachine = (): Theme => (matchMedia(DARK).matches ? "dark" : "light");

/** Light or dark: as the machine has it, also when that changes in the evening, until it is chosen here. */
export function useTheme(): [Theme, (theme: Theme) => void] {
  const [theme, setTheme] = useState<Theme>(() => chosenHere() ?? ofMachine());
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  useEffect(() => {
    const machine = matchMedia(DARK);
    const follow = () => {
      setTheme(chosenHere() ?? ofMachine());
    };
    machine.addEventListener("change", follow);
    return () => {
      machine.removeEventListener("change", follow);
    };
  }, []);
  return [
    theme,
    (chosen) => {
      localStorage.setItem(KEY, chosen);
      setTheme(chosen);
    },
  ];
}
