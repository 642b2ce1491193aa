import { useForm, usePage } from '@inertiajs/react';
import { NewPasswordField } from '@/features/account/fields';
import { field } from '@/lib/form';
import type { Form } from '@/lib/shape';
import { useShape } from '@/lib/useShape';
import type { AccountData } from '@/types/generated';
import { Button } from '@/ui/Button';
import { Frame, SignOut } from '@/ui/Frame';
import { Panel } from '@/ui/Panel';
import { ShapeForm } from '@/ui/ShapeForm';
import { TextField } from '@/ui/TextField';

/** The account itself. */
export default function Account({ elsewhere, form: voice }: { readonly elsewhere: number; readonly form: Form }) {
  const { account } = usePage<{ account: AccountData; [key: string]: unknown }>().props;
  const told = useShape({ unit: account.unit, clock: account.clock }, 'put', '/account/voice');
  const form = useForm({ current: '', password: '' });
  return (
    <Frame title="Account">
      <div className="mx-auto grid w-full max-w-2xl gap-5 px-4 py-8">
        <Panel title={account.name} id="who">
          <p>
            You sign in as <strong>{account.email}</strong>. {elsewhere === 0 ? 'No other browser is signed in.' : elsewhere === 1 ? 'One other browser is signed in.' : `${elsewhere} other browsers are signed in.`}
          </p>
          <SignOut className="justify-self-start sm:hidden" />
        </Panel>
        <Panel title="Lengths and times" id="voice">
          <p>{`How pages and fields tell them. A field takes either, whatever is chosen here: 5\u00a0m, 16\u00a0ft, 16'6", 19:30, 7:30\u00a0pm. Files that leave stay in metres and on the 24-hour clock.`}</p>
          <form
            noValidate
            className="grid max-w-lg gap-4"
            onSubmit={(event) => {
              event.preventDefault();
              told.save();
            }}
          >
            <ShapeForm form={voice} values={told.values} faults={told.faults} onChange={told.change} />
            <Button type="submit" className="justify-self-start" disabled={told.saving}>
              Save
            </Button>
          </form>
        </Panel>
        <Panel title="Another password" id="password">
          <p>Every other browser that is signed in to this account is signed out with it.</p>
          <form
            noValidate
            className="grid max-w-sm gap-4"
            onSubmit={(event) => {
              event.preventDefault();
              form.put('/account/password', {
                onSuccess: () => {
                  form.reset();
                },
              });
            }}
          >
            <TextField label="Password until now" type="password" autoComplete="current-password" {...field(form, 'current')} />
            <NewPasswordField label="New password" {...field(form, 'password')} />
            <Button type="submit" look="main" className="justify-self-start" disabled={form.processing}>
              Set the password
            </Button>
          </form>
        </Panel>
      </div>
    </Frame>
  );
}
