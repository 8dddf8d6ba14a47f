import { ARCHIVE, formatOf, savedName } from '../../core/formats/registry';
import { BareButton } from '../parts/bare-button';
import { NumberTable } from '../parts/number-table';
import styles from './reading.module.scss';
import type { ListedFile } from '../../server/editions/edition-files';

/** A file of an edition, with its size in bytes and the SHA-256 of its bytes. */
type Props = {
  files: readonly ListedFile[];
  /** Those that could not be written. */
  missing: readonly string[];
  address: string;
  fileName: string;
  version: string;
};

/** Every file of an edition: what it is for, how large it is, what its bytes come to. */
export function FilesSection({ files, missing, address, fileName, version }: Props) {
  return (
    <section className={`${styles.section} no-print`} aria-labelledby="files">
      <h2 id="files">Files</h2>
      <p className="soft">Written at publishing; they never change.</p>
      {missing.length > 0 && (
        <p role="status">
          {missing.join(', ')} couldn’t be written at publishing. The server tries again at its next start.
        </p>
      )}
      <NumberTable of="words" className={styles.files!}>
        <thead>
          <tr>
            <th scope="col">File</th>
            <th scope="col">For</th>
            <th scope="col">Bytes</th>
            <th scope="col">SHA-256</th>
          </tr>
        </thead>
        <tbody>
          {files.map(({ name, bytes, sha256 }) => (
            <tr key={name}>
              <th scope="row">
                <a href={`${address}/${name}`} download={savedName(fileName, version, name)}>
                  {name}
                </a>
              </th>
              <td>{name === ARCHIVE.file ? ARCHIVE.isOf : formatOf(name)?.isOf}</td>
              <td className="number">{bytes.toLocaleString('en')}</td>
              <td>
                <BareButton className={styles.hash} data-copy={sha256} title="Copy SHA-256">
                  {sha256.slice(0, 12)}…
                </BareButton>
              </td>
            </tr>
          ))}
        </tbody>
      </NumberTable>
    </section>
  );
}
