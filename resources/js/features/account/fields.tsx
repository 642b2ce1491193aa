import { TextField } from '@/ui/TextField';

interface Props {
  readonly value: string;
  readonly error: string | undefined;
  readonly onChange: (value: string) => void;
}

export function MailField(props: Props) {
  return <TextField label="Mail address" type="email" autoComplete="email" {...props} />;
}

export function NewPasswordField({ label = 'Password', ...props }: Props & { readonly label?: string }) {
  return <TextField label={label} type="password" autoComplete="new-password" hint="At least 10 characters, and none that everybody would try first." {...props} />;
}
