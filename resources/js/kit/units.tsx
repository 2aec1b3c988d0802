import { createContext, use, useEffect, useMemo, useState, type ReactNode } from "react";

export interface Units {
  temperature: "°C" | "°F";
  length: "m" | "ft";
  depth: "mm" | "in";
}

const KEY = "lamp-thread.units";
const METRIC: Units = { temperature: "°C", length: "m", depth: "mm" };

const Context = createContext<{ units: Units; setUnits: (units: Units) => void }>({
  units: METRIC,
  setUnits: () => undefined,
});

export function UnitsProvider({ children }: { children: ReactNode }) {
  const [units, setUnits] = useState<Units>(() => ({
    ...METRIC,
    ...(JSON.parse(localStorage.getItem(KEY) ?? "{}") as Partial<Units>),
  }));
  useEffect(() => {
    localStorage.setItem(KEY, JSON.stringify(units));
  }, [units]);
  const value = useMemo(() => ({ units, setUnits }), [units]);
  return <Context value={value}>{children}</Context>;
}

export const useUnits = () => use(Context);

/** What a number is of; its own unit where the workshop does not choose one. */
export type Kind = "temperature" | "temperature-step" | "length" | "depth" | (string & {});

interface Shown {
  value: number;
  unit: string;
}

/** A kept value in the unit it is shown in. Kept are °C, m and mm. */
export function shown(value: number, kind: Kind, units: Units): Shown {
  if (kind === "temperature" && units.temperature === "°F") {
    return { value: value * 1.8 + 32, unit: "°F" };
  }
  if (kind === "length" && units.length === "ft") {
    return { value: value / 0.3048, unit: "ft" };
  }
  if (kind === "depth" && units.depth === "in") {
    return { value: value / 25.4, unit: "in" };
  }
  return { value, unit: kind === "temperature" ? "°C" : kind === "length" ? "m" : kind === "depth" ? "mm" : kind };
}

/** Which kind a unit that came with a number is of. */
export function kindOf(unit: string): Kind {
  return unit === "°C" ? "temperature" : unit === "m" ? "length" : unit === "mm" ? "depth" : unit;
}

export function digits(value: number, most = 3): string {
  if (!Number.isFinite(value)) {
    return "—";
  }
  const decimals = Math.abs(value) >= 100 ? 0 : Math.abs(value) >= 10 ? 1 : 2;
  return value
    .toFixed(Math.min(decimals, most))
    .replace(/(\.\d*?)0+$/, "$1")
    .replace(/\.$/, "");
}

/** A part's name that never parts a number from its unit at the end of a line. */
export const unbroken = (label: string) => label.replace(/(\d) (?=(?:A|V|mm²|AWG)(?!\w))/g, "$1\u00a0");

/** A sum in the workshop's own money. */
export const money = (value: number) => value.toFixed(2);

/** A voltage as a meter shows it. */
export function volts(value: number): string {
  return `${value.toFixed(2)} V`;
}

export function useShown(): (value: number, kind: Kind) => string {
  const { units } = useUnits();
  return (value, kind) => {
    const as = shown(value, kind, units);
    return `${digits(as.value)} ${as.unit}`;
  };
}

/** A quantity of a message: a temperature difference goes with the temperatures. */
export function shownQuantity({ value, unit }: { value: number; unit: string }, units: Units): string {
  if (unit === "K" && units.temperature === "°F") {
    return `${digits(value * 1.8)} °F`;
  }
  const as = shown(value, kindOf(unit), units);
  return `${digits(as.value)} ${as.unit}`.trimEnd();
}

/** A bare number is meant in the unit it is shown in. */
export function withUnit(typed: string, unit: string): string {
  return /^[\s\d.,/+-]+$/.test(typed) ? `${typed}${unit.replaceAll(" ", "")}` : typed;
}
