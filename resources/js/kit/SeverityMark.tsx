const SEVERITY = {
  danger: { sign: "▲", word: "Danger", className: "text-danger" },
  warning: { sign: "◆", word: "Warning", className: "text-warning" },
  note: { sign: "●", word: "Note", className: "text-muted" },
};

export function SeverityMark({ severity }: { severity: keyof typeof SEVERITY }) {
  const { sign, word, className } = SEVERITY[severity];
  return (
    <span className={`font-bold ${className}`}>
      <span aria-hidden>{sign}</span> {word}
    </span>
  );
}
