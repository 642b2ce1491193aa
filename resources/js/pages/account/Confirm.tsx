import { useForm } from '@inertiajs/react';
import { AccountForm } from '@/features/account/AccountForm';
import { field } from '@/lib/form';
import { TextField } from '@/ui/TextField';
import { TextLink } from '@/ui/TextLink';

interface Props {
  readonly email: string;
  /** Where the form goes: the link of the mail. */
  readonly to: string;
}

export default function Confirm({ email, to }: Props) {
  const form = useForm({ password: '' });
  return (
    <AccountForm
      title="Confirm your address"
      intro={`The link shows that you read the mail of ${email}. Give the password that you chose, and the account is yours.`}
      action="Confirm and sign in"
      busy={form.processing}
      onSubmit={() => {
        form.post(to);
      }}
      below={<TextLink href="/forgotten">Forgotten the password?</TextLink>}
    >
      <TextField label="Password" type="password" autoComplete="current-password" {...field(form, 'password')} />
    </AccountForm>
  );
}
