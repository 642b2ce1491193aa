/** What of a page's form one text field needs. */
interface TextForm<K extends string> {
  readonly data: Readonly<Record<K, string>>;
  readonly errors: Readonly<Partial<Record<K, string>>>;
  readonly setData: (field: K, value: string) => void;
}

/** Value, error and change of one text field of a form. */
export function field<K extends string>(form: TextForm<K>, name: K): { value: string; error: string | undefined; onChange: (value: string) => void } {
  return {
    value: form.data[name],
    error: form.errors[name],
    onChange: (value) => {
      form.setData(name, value);
    },
  };
}
