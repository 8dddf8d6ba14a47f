import { type ReadTable, tableAsText } from '../../core/edition/read-table';
import { Numeral } from '../drawing/numeral';
import { BareButton } from '../parts/bare-button';
import { NumberTable } from '../parts/number-table';
import { Scrolled } from '../parts/scrolled';
import styles from './reading.module.scss';
import { Button } from '../parts/button';

type Props = { id: string; title: string; says: string; table: ReadTable };

/** A table of exact values; each one, and the whole, can be copied. */
export function ReadTableView({ id, title, says, table }: Props) {
  return (
    <section className={styles.section} aria-labelledby={id} data-wide={table.head.length > 6 || undefined}>
      <div className={styles.sectionHead}>
        <h2 id={id}>{title}</h2>
        <span className="soft">{says}</span>
        <Button look="quiet" className="no-print" data-copy={tableAsText(table)}>
          Copy table
        </Button>
      </div>
      <Scrolled label={title}>
        <NumberTable className={styles.values}>
          <thead>
            <tr>
              <td />
              {table.head.map((name, index) => (
                <th key={index} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.map(({ label, values }) => (
              <tr key={label}>
                <th scope="row">{label}</th>
                {values.map((value, index) => (
                  <td key={index}>
                    {value && (
                      <BareButton data-copy={value.copy} title={`Copy ${value.copy}`}>
                        <Numeral text={value.shown} />
                        {value.note && <small>{value.note}</small>}
                      </BareButton>
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </NumberTable>
      </Scrolled>
    </section>
  );
}
