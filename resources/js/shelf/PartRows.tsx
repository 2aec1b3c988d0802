import type { ShelfField, ShelfKind, ShelfPart } from "../api/generated/shelf";
import { Button } from "../kit/Button";
import { digits, kindOf, money, unbroken, useShown } from "../kit/units";

interface Props {
  kind: ShelfKind;
  parts: ShelfPart[];
  onEdit: (part: ShelfPart) => void;
  onCopy: (part: ShelfPart) => void;
  onArchive: (part: ShelfPart) => void;
  onRemove: (part: ShelfPart) => void;
}

/** Parts of one kind, small to large; the workshop's own are marked and can be changed. */
export function PartRows({ kind, parts, onEdit, onCopy, onArchive, onRemove }: Props) {
  const show = useShown();
  const cell = (part: ShelfPart, field: ShelfField) => {
    const value = part.values[field.name] ?? null;
    if (field.name === "price") {
      return typeof value === "number" ? money(value) : "—";
    }
    return typeof value === "number"
      ? field.unit === "°C"
        ? show(value, kindOf(field.unit))
        : `${digits(value)} ${field.unit}`
      : (value ?? "—");
  };
  return (
    <div className="relative overflow-x-auto">
      <table className="table w-full text-sm">
        <thead>
          <tr>
            <th className="sticky left-0 bg-panel">Part</th>
            {kind.fields.map((field) => (
              <th key={field.name} className={field.options.length === 0 ? "text-right!" : ""}>
                {field.label}
              </th>
            ))}
            <th>
              <span className="sr-only">Change</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {parts.map((part) => (
            <tr key={part.id} className={part.isArchived ? "text-muted" : ""}>
              <td className="sticky left-0 min-w-44 bg-panel font-semibold">
                {unbroken(part.name)}
                {part.isOwn && <span className="text-xs font-bold text-accent"> own</span>}
                {part.isArchived && <span className="text-xs font-bold"> archived</span>}
                {part.usedBy.length > 0 && (
                  <span className="block text-xs font-normal text-muted">pinned in {part.usedBy.join(", ")}</span>
                )}
              </td>
              {kind.fields.map((field) => (
                <td
                  key={field.name}
                  className={field.options.length === 0 ? "text-right! font-mono whitespace-nowrap" : ""}
                >
                  {cell(part, field)}
                </td>
              ))}
              <td className="py-0.5! whitespace-nowrap">
                {part.isOwn ? (
                  <>
                    <Button
                      tone="quiet"
                      aria-label={`Change ${part.name}`}
                      onClick={() => {
                        onEdit(part);
                      }}
                    >
                      Change
                    </Button>
                    <Button
                      tone="quiet"
                      aria-label={`${part.isArchived ? "Offer" : "Archive"} ${part.name}`}
                      onClick={() => {
                        onArchive(part);
                      }}
                    >
                      {part.isArchived ? "Offer again" : "Archive"}
                    </Button>
                    {part.isArchived && part.usedBy.length === 0 && (
                      <Button
                        tone="quiet"
                        aria-label={`Remove ${part.name}`}
                        onClick={() => {
                          onRemove(part);
                        }}
                      >
                        Remove
                      </Button>
                    )}
                  </>
                ) : (
                  <Button
                    tone="quiet"
                    aria-label={`Copy ${part.name}`}
                    onClick={() => {
                      onCopy(part);
                    }}
                  >
                    Copy
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
