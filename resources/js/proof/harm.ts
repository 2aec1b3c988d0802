/** How bad a harm is, by sign and colour. */
export const SIGNS = { danger: "▲", warning: "◆", note: "●" };

export const TONES = { danger: "text-danger", warning: "text-warning", note: "text-muted" };
