import { useForm } from '@inertiajs/react';
import { field } from '@/lib/form';
import { AccountForm } from '@/features/account/AccountForm';
import { MailField, NewPasswordField } from '@/features/account/fields';
import { TextField } from '@/ui/TextField';
import { TextLink } from '@/ui/TextLink';

export default function Register() {
  const form = useForm({ name: '', email: '', password: '' });
  return (
    <AccountForm
      title="Make an account"
      intro="You get a mail with a link that shows the address to be yours."
      action="Make the account"
      busy={form.processing}
      onSubmit={() => {
        form.post('/register');
      }}
      below={<TextLink href="/sign-in">I have one: sign in</TextLink>}
    >
      <TextField label="Your name" autoComplete="name" {...field(form, 'name')} />
      <MailField {...field(form, 'email')} />
      <NewPasswordField {...field(form, 'password')} />
    </AccountForm>
  );
}
