'use client';

import Modal from 'react-bootstrap/Modal';
import { useForm } from 'react-hook-form';
import { writeUnits } from '../../../core/sheet/rhythm';
import { useDraft } from '../../draft/draft-context';

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
    <Modal show onHide={onClose} aria-labelledby="units-title">
      <form onSubmit={handleSubmit(apply)} noValidate>
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="units-title">
            Units
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <div className="field">
            <label className="form-label" htmlFor="root-font-size">
              1 rem is
            </label>
            <input
              id="root-font-size"
              className="form-control number"
              autoComplete="off"
              autoFocus
              aria-invalid={Boolean(errors.rootFontSize)}
              {...register('rootFontSize')}
            />
            {errors.rootFontSize && (
              <p className="problem" role="alert">
                {errors.rootFontSize.message}
              </p>
            )}
          </div>
          <fieldset className="choices">
            <legend className="form-label">1 inch is</legend>
            <div className="form-check">
              <input className="form-check-input" type="radio" id="ppi-96" value="96" {...register('pixelsPerInch')} />
              <label className="form-check-label" htmlFor="ppi-96">
                96 px, as in CSS: 18pt are 24 px
              </label>
            </div>
            <div className="form-check">
              <input className="form-check-input" type="radio" id="ppi-72" value="72" {...register('pixelsPerInch')} />
              <label className="form-check-label" htmlFor="ppi-72">
                72 px, as in drawings where 1pt is 1 px
              </label>
            </div>
          </fieldset>
        </Modal.Body>
        <Modal.Footer>
          <button type="button" className="btn btn-line" onClick={onClose}>
            Leave it
          </button>
          <button type="submit" className="btn btn-primary">
            Count on these
          </button>
        </Modal.Footer>
      </form>
    </Modal>
  );
}
