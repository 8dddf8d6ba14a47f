'use client';

import { useForm } from 'react-hook-form';
import { writeUnits } from '../../../core/spacing/rhythm';
import { useDraft } from '../../draft/draft-context';
import { Answers, Dialog } from '../../parts/dialog';
import { Field } from '../../parts/field';
import { Option } from '../../parts/check';
import { Label } from '../../parts/label';

type Fields = { rootFontSize: string; pixelsPerInch: '72' | '96' };

/** What rem and the absolute units of a spec count on. */
export function UnitsDialog({ onClose }: { onClose: () => void }) {
  const document = useDraft((draft) => draft.document);
  const take = useDraft((draft) => draft.take);
  const { register, handleSubmit, setError, formState } = useForm<Fields>({
    defaultValues: {
      rootFontSize: String(document.rootFontSize),
      pixelsPerInch: document.pixelsPerInch === 72 ? '72' : '96',
    },
  });
  const { errors } = formState;

  const apply = ({ rootFontSize, pixelsPerInch }: Fields): void => {
    const problem = take(writeUnits(document, rootFontSize, pixelsPerInch === '72' ? 72 : 96));
    if (problem) return setError('rootFontSize', { message: problem });
    onClose();
  };

  return (
    <Dialog
      title="Units"
      onClose={onClose}
      onSubmit={handleSubmit(apply)}
      answers={<Answers yes="Use units" onNo={onClose} />}
    >
      <Field
        label="1 rem is"
        className="number"
        autoComplete="off"
        error={errors.rootFontSize?.message}
        {...register('rootFontSize')}
      />
      <fieldset className="choices">
        <Label as="legend">1 inch is</Label>
        <Option type="radio" id="ppi-96" value="96" {...register('pixelsPerInch')}>
          96 px, as in CSS: 18pt are 24 px
        </Option>
        <Option type="radio" id="ppi-72" value="72" {...register('pixelsPerInch')}>
          72 px, as in drawings where 1pt is 1 px
        </Option>
      </fieldset>
    </Dialog>
  );
}
