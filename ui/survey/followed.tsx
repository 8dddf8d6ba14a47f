import { byWidth, rangeText } from '../../core/spec/ranges';
import { surveyed } from '../../core/survey/correct';
import { followsOf, shareOn } from '../../core/survey/follows';
import { NumberTable } from '../parts/number-table';
import { Scrolled } from '../parts/scrolled';
import { useSurvey, useSurveySpec, useSurveyStore } from './survey-context';
import styles from './survey.module.scss';
import { Button } from '../parts/button';

/** Screens × breakpoints: into which breakpoint of the spec each screen falls, and how far it follows the grid there. */
export function Followed() {
  const store = useSurveyStore();
  const spec = useSurveySpec();
  const screens = useSurvey((survey) => survey.screens);
  if (!spec || screens.length === 0) return null;
  const breakpoints = byWidth(spec.breakpoints);
  const follows = followsOf(screens.map(surveyed), spec);
  return (
    <section aria-label="Screens and breakpoints" className={styles.section}>
      <h2>Compared with the specification</h2>
      <Scrolled label="Screens and breakpoints, table">
        <NumberTable>
          <thead>
            <tr>
              <th scope="col">Screen</th>
              {breakpoints.map((breakpoint) => (
                <th key={breakpoint.id} scope="col" title={rangeText(spec, breakpoint)}>
                  {breakpoint.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {follows.map(({ breakpoint, off, width, screen }, index) => {
              const share = shareOn(off);
              return (
                <tr key={screens[index]!.id}>
                  <th scope="row">
                    <Button look="quiet" onClick={() => store.getState().show(screens[index]!.id)}>
                      {screen}
                    </Button>{' '}
                    <span className="number soft">{Math.round(width)}</span>
                  </th>
                  {breakpoints.map(({ id }) => (
                    <td key={id} className="number">
                      {id !== breakpoint || share === null ? (
                        ''
                      ) : (
                        <span className={styles.share} data-fine={off.slips.length === 0 || undefined}>
                          {Math.round(share * 100)} %{off.slips.length > 0 ? `, ${off.slips.length} off` : ''}
                        </span>
                      )}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </NumberTable>
      </Scrolled>
    </section>
  );
}
