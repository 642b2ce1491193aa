import { useForm } from '@inertiajs/react';
import { field } from '@/lib/form';
import { AccountForm } from '@/features/account/AccountForm';
import { MailField } from '@/features/account/fields';
import { TextField } from '@/ui/TextField';
import { TextLink } from '@/ui/TextLink';

export default function SignIn() {
  const form = useForm({ email: '', password: '', remember: false });
  return (
    <AccountForm
      title="Sign in"
      intro="Kaddle works out flash settings for dim rooms before you are in them, and shows why."
      action="Sign in"
      busy={form.processing}
      onSubmit={() => {
        form.post('/sign-in');
      }}
      below={
        <>
          <TextLink href="/register">Make an account</TextLink>
          <TextLink href="/forgotten">Forgotten the password?</TextLink>
        </>
      }
    >
      <MailField {...field(form, 'email')} />
      <TextField label="Password" type="password" autoComplete="current-password" {...field(form, 'password')} />
      <label className="flex min-h-10 items-center gap-2">
        <input
          type="checkbox"
          className="size-5 accent-ink"
          checked={form.data.remember}
          onChange={(event) => {
            form.setData('remember', event.target.checked);
          }}
 />
        Keep me signed in on this device
      </label>
    </AccountForm>
  );
}
