import { useEffect, useState } from "react";

export type Theme = "light" | "dark";

const KEY = "lamp-thread.theme";

/** Light or dark: as the machine has it until it is chosen here. */
export function useTheme(): [Theme, (theme: Theme) => void] {
  const [theme, setTheme] = useState<Theme>(() => {
    const chosen = localStorage.getItem(KEY);
    if (chosen === "light" || chosen === "dark") {
      return chosen;
    }
    return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
  });
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  return [
    theme,
    (chosen) => {
      localStorage.setItem(KEY, chosen);
      setTheme(chosen);
    },
  ];
}
