import { IntlMessageFormat } from "intl-messageformat";
import english from "../../../lang/en.json";
import { shownQuantity, useUnits, type Units } from "./units";

export interface Quantity {
  value: number;
  unit: string;
}

export interface Message {
  code: string;
  params: Record<string, Param>;
}

type Param = string | number | boolean | Quantity | Message | (string | Message)[];

/** The messages beside the texts of an answer, by the name of the text. */
export type Messages = Record<string, Message | Message[]>;

const PATTERNS: Record<string, string> = english;
const formats = new Map<string, IntlMessageFormat>();

function formatOf(code: string): IntlMessageFormat {
  const known = formats.get(code);
  if (known !== undefined) {
    return known;
  }
  const made = new IntlMessageFormat(PATTERNS[code] ?? code, "en", undefined, { ignoreTag: true });
  formats.set(code, made);
  return made;
}

/** A message in the units that are shown. */
export function say(message: Message, units: Units): string {
  const values = Object.fromEntries(
    Object.entries(message.params).map(([name, value]) => [name, shownParam(name, value, units)]),
  );
  return String(formatOf(message.code).format(values));
}

function shownParam(name: string, value: Param, units: Units): string | number {
  if (Array.isArray(value)) {
    // A list is joined with commas, one of whole sentences with spaces.
    const texts = value.map((one) => (typeof one === "string" ? one : say(one, units)));
    return texts.join(name === "sentences" ? " " : ", ");
  }
  if (typeof value === "object") {
    return "code" in value ? say(value, units) : shownQuantity(value, units);
  }
  return typeof value === "boolean" ? String(value) : value;
}

interface Worded {
  messages?: object;
}

/** Reads a text of an answer in the units that are shown; a text that is no message stays as it came. */
export function useText() {
  const { units } = useUnits();
  return <T extends Worded>(of: T, name: string & keyof T): string => {
    const message = (of.messages as Messages | undefined)?.[name];
    return message === undefined || Array.isArray(message) ? String(of[name]) : say(message, units);
  };
}

/** The same for a list of texts. */
export function useTexts() {
  const { units } = useUnits();
  return <T extends Worded>(of: T, name: string & keyof T): string[] => {
    const messages = (of.messages as Messages | undefined)?.[name];
    return Array.isArray(messages) ? messages.map((message) => say(message, units)) : (of[name] as string[]);
  };
}
