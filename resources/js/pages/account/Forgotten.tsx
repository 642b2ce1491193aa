import { useForm } from '@inertiajs/react';
import { field } from '@/lib/form';
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
      <MailField {...field(form, 'email')} />
    </AccountForm>
  );
}
