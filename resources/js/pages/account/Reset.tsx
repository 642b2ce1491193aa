import { useForm } from '@inertiajs/react';
import { field } from '@/lib/form';
import { AccountForm } from '@/features/account/AccountForm';
import { MailField, NewPasswordField } from '@/features/account/fields';

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
      <MailField
        value={form.data.email}
        onChange={(value) => {
          form.setData('email', value);
        }}
        error={form.errors.email ?? form.errors.token}
 />
      <NewPasswordField label="New password" {...field(form, 'password')} />
    </AccountForm>
  );
}
