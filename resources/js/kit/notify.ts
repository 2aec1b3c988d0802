import { createElement } from "react";
import { createRoot } from "react-dom/client";

interface Notice {
  text: string;
  /** How long it is there, ms. */
  lastsMs: number;
  action: { label: string; onClick: () => void };
}

let isMounted = false;

/** A notice at the foot of the page. What shows it is fetched with the first one. */
export async function notify({ text, lastsMs, action }: Notice): Promise<void> {
  const { toast, Toaster } = await import("sonner");
  if (!isMounted) {
    isMounted = true;
    createRoot(document.body.appendChild(document.createElement("div"))).render(
      createElement(Toaster, { position: "bottom-center" }),
    );
  }
  toast(text, { duration: lastsMs, action });
}
