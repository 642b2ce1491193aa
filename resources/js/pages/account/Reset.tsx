import { useForm } from '@inertiajs/react';
import { AccountForm } from '@/features/account/AccountForm';
import { TextField } from '@/ui/TextField';

interface Props {
  readonly token: string;
  readonly email: string;
}

export default function Reset({ token, email }: Props) {
  const form = useForm({ token, email, password: '' });
  return (
    <AccountForm
      title="Choose a new password"
      action="Set the password"
      busy={form.processing}
      onSubmit={() => {
        form.post('/reset');
      }}
    >
      <TextField
        label="Mail address"
        type="email"
        autoComplete="email"
        value={form.data.email}
        onChange={(value) => {
          form.setData('email', value);
        }}
        error={form.errors.email ?? form.errors.token}
      />
      <TextField
        label="New password"
        type="password"
        autoComplete="new-password"
        hint="At least 10 characters."
        value={form.data.password}
        onChange={(password) => {
          form.setData('password', password);
        }}
        error={form.errors.password}
      />
    </AccountForm>
  );
}
