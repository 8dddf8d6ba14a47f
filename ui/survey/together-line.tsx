import { togetherText } from '../../core/survey/together-text';
import { useFoundTogether } from './held-against';
import type { Found } from './survey.worker';
import styles from './survey.module.scss';

/** What the grids of several widths have in common, in a sentence. */
export function TogetherLine({ found }: { found: Found }) {
  const together = useFoundTogether(found);
  if (!together || together.grids.length < 2) return null;
  return <p className={styles.together}>{togetherText(together)}</p>;
}
