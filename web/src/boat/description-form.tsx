import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import { z } from 'zod';
import type { components } from '../api/schema';
import { Choice, Field } from '../parts/field';
import { RefusedLine } from '../parts/refused-line';
import { useRefused } from '../parts/refused';
import { typedNumber } from '../parts/words';

type Described = components['schemas']['Described'];

// Compiling validators at run time is what the page's content-security-policy forbids.
z.config({ jitless: true });

const typed = z.object({
  name: z.string().trim().min(1, 'Give the boat a name.'),
  hullLengthM: z.string().refine((text) => typedNumber(text) !== null, 'Enter meters, like 7.4.'),
  drains: z.enum(['FOUR_DRAINS', 'FOUR_DRAINS_ONE_SENSOR', 'ONE_CENTRAL_DRAIN']),
  waterUsedIn: z.enum(['FRESH', 'BRACKISH', 'SALT']),
  engineHours: z
    .string()
    .refine((text) => text.trim() === '' || typedNumber(text) !== null, 'Enter hours, or nothing.'),
  owner: z.string(),
  notes: z.string(),
});
type Typed = z.infer<typeof typed>;

interface FormProps {
  from?: Described;
  action: string;
  save: (described: Described) => Promise<void>;
  onCancel: () => void;
}

/** What a person says about a boat once. */
export function DescriptionForm({ from, action, save, onCancel }: FormProps) {
  const form = useForm<Typed>({
    resolver: zodResolver(typed),
    defaultValues: {
      name: from?.name ?? '',
      hullLengthM: from?.hullLengthM?.toString() ?? '',
      drains: from?.drains ?? 'FOUR_DRAINS',
      waterUsedIn: from?.waterUsedIn ?? 'SALT',
      engineHours: from?.engineHours?.toString() ?? '',
      owner: from?.owner ?? '',
      notes: from?.notes ?? '',
    },
  });
  const refused = useRefused(['name', 'hullLengthM', 'engineHours', 'owner', 'notes']);
  const { errors, isSubmitting } = form.formState;
  const values = form.watch();
  const text = (name: keyof Typed, label: string, unit?: string) => (
    <Field
      label={label}
      unit={unit}
      value={values[name]}
      onType={(next) =>
        form.setValue(name, next as never, { shouldValidate: form.formState.isSubmitted })
      }
      error={errors[name]?.message ?? refused.at(name)}
    />
  );
  const submit = form.handleSubmit((said) =>
    refused.attempt(() =>
      save({
        name: said.name,
        hullLengthM: typedNumber(said.hullLengthM),
        layout: 'STERNDRIVE',
        drains: said.drains,
        waterUsedIn: said.waterUsedIn,
        engineHours: typedNumber(said.engineHours),
        owner: said.owner,
        notes: said.notes,
      }),
    ),
  );
  return (
    <form onSubmit={submit} className="grid gap-3" noValidate>
      {text('name', 'Name')}
      <div className="grid grid-cols-2 gap-3">
        {text('hullLengthM', 'Hull length', 'm')}
        {text('engineHours', 'Engine hours', 'h')}
      </div>
      <p className="text-soft m-0 text-[14px]">
        Layout: sterndrive, petrol V8, raw water through the block.
      </p>
      <div className="grid grid-cols-2 gap-3">
        <Choice
          label="How it drains"
          value={values.drains}
          onChoose={(value) => form.setValue('drains', value as Typed['drains'])}
        >
          <option value="FOUR_DRAINS">four plugs</option>
          <option value="FOUR_DRAINS_ONE_SENSOR">three plugs, one sensor</option>
          <option value="ONE_CENTRAL_DRAIN">one central drain</option>
        </Choice>
        <Choice
          label="Used in"
          value={values.waterUsedIn}
          onChoose={(value) => form.setValue('waterUsedIn', value as Typed['waterUsedIn'])}
        >
          <option value="SALT">salt water</option>
          <option value="BRACKISH">brackish water</option>
          <option value="FRESH">fresh water</option>
        </Choice>
      </div>
      {text('owner', 'Owner, how to reach')}
      {text('notes', 'Notes')}
      <RefusedLine words={refused.elsewhere} />
      <div className="mt-1 flex gap-3">
        <button type="submit" className="btn btn-main" disabled={isSubmitting}>
          {action}
        </button>
        <button type="button" className="btn" onClick={onCancel}>
          Cancel
        </button>
      </div>
    </form>
  );
}
