import { useForm } from '@inertiajs/react';
import { AccountForm } from '@/features/account/AccountForm';
import { MailField } from '@/features/account/fields';
import { TextLink } from '@/ui/TextLink';

export default function Forgotten() {
  const form = useForm({ email: '' });
  return (
    <AccountForm
      title="Forgotten the password"
      intro="Give the mail address of the account. You get a link with which to choose a new password."
      action="Send the link"
      busy={form.processing}
      onSubmit={() => {
        form.post('/forgotten');
      }}
      below={<TextLink href="/sign-in">Back to sign in</TextLink>}
    >
      <MailField
        value={form.data.email}
        onChange={(email) => {
          form.setData('email', email);
        }}
        error={form.errors.email}
      />
    </AccountForm>
  );
}
