import type { FormField } from "../api/generated/saved-job";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { TextField } from "../job/TextField";
import { kindOf } from "../kit/units";
import { Fields } from "./Fields";

/** Fields a control idea asks for: the server says which, and what each can be. */
export function FormFields({ fields }: { fields: FormField[] }) {
  const typed = fields.filter((field) => field.options.length === 0);
  return (
    <>
      {typed.length > 0 && (
        <Fields>
          {typed.map((field) => (
            <TypedField key={field.path} field={field} />
          ))}
        </Fields>
      )}
      {fields
        .filter((field) => field.options.length > 0)
        .map((field) => (
          <Choose key={field.path} label={field.label} value={String(field.value)} options={field.options} />
        ))}
    </>
  );
}

function TypedField({ field }: { field: FormField }) {
  if (field.type === "text") {
    return <TextField path={field.path} label={field.label} value={String(field.value ?? "")} />;
  }
  return (
    <QuantityField
      path={field.path}
      label={field.label}
      kind={kindOf(field.unit)}
      value={field.isTold && typeof field.value === "number" ? field.value : null}
      {...(field.usual === null ? { usual: "not told" } : { placeholder: field.usual })}
    />
  );
}
