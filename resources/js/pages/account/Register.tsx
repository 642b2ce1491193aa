import { useForm, usePage } from '@inertiajs/react';
import { field } from '@/lib/form';
import { AccountForm } from '@/features/account/AccountForm';
import { MailField, NewPasswordField } from '@/features/account/fields';
import { Frame } from '@/ui/Frame';
import { TextField } from '@/ui/TextField';
import { TextLink } from '@/ui/TextLink';

export default function Register() {
  const form = useForm({ name: '', email: '', password: '' });
  const { notice } = usePage<{ notice: string | null; [key: string]: unknown }>().props;
  if (notice !== null) return <Sent />;
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

/** Once the mail is on its way, which the notice above says, there is nothing to do here. */
function Sent() {
  return (
    <Frame title="Look into your mail">
      <div className="mx-auto grid w-full max-w-sm gap-5 px-4 py-10">
        <p>Its link asks for the password that you have just chosen, and opens Kaddle. You can close this page.</p>
        <p className="text-faint">Nothing there after some minutes? Look among the unwanted mail, or try once more.</p>
        <div className="grid gap-2">
          <TextLink href="/register">Once more, or with another address</TextLink>
          <TextLink href="/sign-in">Sign in</TextLink>
        </div>
      </div>
    </Frame>
  );
}
