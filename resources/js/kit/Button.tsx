import type { ButtonHTMLAttributes } from "react";

export function Button({
  tone = "plain",
  className = "",
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { tone?: "plain" | "strong" | "quiet" }) {
  const tones = {
    plain: "border border-line bg-panel hover:border-accent",
    strong: "bg-accent text-on-accent hover:opacity-90",
    quiet: "hover:bg-sunk",
  };
  return (
    <button
      type="button"
      className={`min-h-11 rounded-[3px] px-4 pt-0.5 whitespace-nowrap text-[0.95rem] font-semibold disabled:opacity-40 ${tones[tone]} ${className}`}
      {...rest}
    />
  );
}
