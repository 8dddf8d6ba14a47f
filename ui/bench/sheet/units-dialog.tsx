'use client';

import { useForm } from 'react-hook-form';
import { mapped } from '../../../core/parsed';
import { type Measure, measureOf, withMeasure } from '../../../core/spec/measure';
import { writeUnits } from '../../../core/spacing/rhythm';
import { useDraft } from '../../draft/draft-context';
import { Answers, Dialog } from '../../parts/dialog';
import { Field } from '../../parts/field';
import { Option } from '../../parts/check';
import { Label } from '../../parts/label';

type Fields = { rootFontSize: string; pixelsPerInch: '72' | '96'; measure: Measure };

/** What rem and the absolute units of a spec count on. */
export function UnitsDialog({ onClose }: { onClose: () => void }) {
  const document = useDraft((draft) => draft.whole);
  const take = useDraft((draft) => draft.takeWhole);
  const { register, handleSubmit, setError, formState } = useForm<Fields>({
    defaultValues: {
      rootFontSize: String(document.rootFontSize),
      pixelsPerInch: document.pixelsPerInch === 72 ? '72' : '96',
      measure: measureOf(document),
    },
  });
  const { errors } = formState;

  const apply = ({ rootFontSize, pixelsPerInch, measure }: Fields): void => {
    const units = writeUnits(document, rootFontSize, pixelsPerInch === '72' ? 72 : 96);
    const problem = take(mapped(units, (spec) => withMeasure(spec, measure)));
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
      <fieldset className="choices">
        <Label as="legend">Widths are of</Label>
        <Option type="radio" id="measure-viewport" value="viewport" {...register('measure')}>
          the viewport: ranges are media queries
        </Option>
        <Option type="radio" id="measure-container" value="container" {...register('measure')}>
          a container on the page: ranges are container queries
        </Option>
      </fieldset>
    </Dialog>
  );
}
