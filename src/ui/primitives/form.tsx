import { Controller, type Control, type FieldPath, type FieldValues } from "react-hook-form";
import type { NumberInput } from "@/core/units/numberInput";
import type { UnitName } from "@/core/units/units";
import { Choice } from "./Choice";
import { NumberField } from "./NumberField";
import { Select } from "./Select";
import { TextField } from "./TextField";
import { Txt } from "./Txt";

interface Bound<V extends FieldValues> {
  /* A form's input and output types differ (text in, numbers out); fields see the input alone. */
  control: Control<V, unknown, FieldValues>;
  name: FieldPath<V>;
  label: string;
  required?: boolean;
}

/** A number field of a form. */
export function FormNumber<V extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<V> & {
  choices: readonly UnitName[];
  help?: string;
  placeholder?: string;
  suffix?: string;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <NumberField
          {...rest}
          value={field.value as NumberInput}
          onChange={field.onChange}
          onBlur={field.onBlur}
          problem={
            fieldState.error?.message ??
            (fieldState.error as { root?: { message?: string } } | undefined)?.root?.message
          }
        />
      )}
    />
  );
}

/** A text field of a form. */
export function FormText<V extends FieldValues>({
  control,
  name,
  ...rest
}: Bound<V> & { help?: string; placeholder?: string; lines?: number; maxLength?: number }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <TextField
          {...rest}
          value={(field.value as string | undefined) ?? ""}
          onChange={field.onChange}
          onBlur={field.onBlur}
          problem={fieldState.error?.message}
        />
      )}
    />
  );
}

/** A choice of a form. */
export function FormChoice<V extends FieldValues>({
  control,
  name,
  label,
  options,
}: Bound<V> & { options: readonly { value: string; label: string }[] }) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <>
          <Choice
            shown
            label={label}
            options={options}
            value={field.value as string}
            onChange={field.onChange}
          />
          {fieldState.error?.message ? (
            <Txt role="alert" variant="strong" className="text-ember-ink">
              {fieldState.error.message}
            </Txt>
          ) : null}
        </>
      )}
    />
  );
}

/** A list of a form. */
export function FormSelect<V extends FieldValues>({
  control,
  name,
  label,
  options,
  onChosen,
}: Bound<V> & {
  options: readonly { value: string; label: string }[];
  /** Told after the choice is in the form. */
  onChosen?: (value: string) => void;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Select
          label={label}
          problem={fieldState.error?.message}
          options={options}
          value={field.value as string}
          onChange={(value) => {
            field.onChange(value);
            onChosen?.(value);
          }}
        />
      )}
    />
  );
}
