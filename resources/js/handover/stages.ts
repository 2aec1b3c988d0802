import type { Handover } from "../api/generated/handover";

/** How far a job has come, in order. */
export const STAGES: { value: Handover["stage"]; label: string }[] = [
  { value: "asked", label: "Asked" },
  { value: "designed", label: "Designed" },
  { value: "cut", label: "Cut" },
  { value: "fitted", label: "Fitted" },
  { value: "proven", label: "Proven" },
  { value: "handed-over", label: "Handed over" },
  { value: "back", label: "Back with a complaint" },
];
