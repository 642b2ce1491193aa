import { useForm } from '@inertiajs/react';
import { AccountForm } from '@/features/account/AccountForm';
import { MailField, NewPasswordField } from '@/features/account/fields';
import { TextField } from '@/ui/TextField';
import { TextLink } from '@/ui/TextLink';

export default function Register() {
  const form = useForm({ name: '', email: '', password: '' });
  return (
    <AccountForm
      title="Make an account"
      action="Make the account"
      busy={form.processing}
      onSubmit={() => {
        form.post('/register');
      }}
      below={<TextLink href="/sign-in">I have one: sign in</TextLink>}
    >
      <TextField
        label="Your name"
        autoComplete="name"
        value={form.data.name}
        onChange={(name) => {
          form.setData('name', name);
        }}
        error={form.errors.name}
      />
      <MailField
        value={form.data.email}
        onChange={(email) => {
          form.setData('email', email);
        }}
        error={form.errors.email}
      />
      <NewPasswordField
        value={form.data.password}
        onChange={(password) => {
          form.setData('password', password);
        }}
        error={form.errors.password}
      />
    </AccountForm>
  );
}
