'use client';

import { utf16Text } from '../../core/text/utf16';
import { FILE_BYTES } from '../../core/limits';
import { FileUp } from 'lucide-react';
import { type ReactNode, useId, useState } from 'react';
import { useDropzone } from 'react-dropzone';
import { ToolButton } from '../parts/toggle';
import styles from './reading-in.module.scss';
import { Label } from '../parts/label';
import { TextArea } from '../parts/text-input';

/** A file as it was given, or what was pasted. */
export type Given = { name: string; text: string };

type Props = {
  /** What can be given, in a line. */
  says: ReactNode;
  placeholder: string;
  onGiven: (files: Given[]) => void;
  onProblem: (problem: string) => void;
};

/** What pasted text is called, which has no name of its own. */
export const PASTED = 'Pasted text';

/** A text field takes very long to show more characters than this. */
const LONGEST_SHOWN = 200_000;

/** Where files come from: dropped, chosen, or pasted as text. */
export function Source({ says, placeholder, onGiven, onProblem }: Props) {
  const id = useId();
  const [pasted, setPasted] = useState('');
  const bring = async (files: File[]): Promise<void> => {
    const large = files.find(({ size }) => size > FILE_BYTES.readIn);
    if (large)
      return onProblem(
        `${large.name} has ${Math.round(large.size / 1024 / 1024)} MB; a file can have up to ${FILE_BYTES.readIn / 1024 / 1024} MB.`,
      );
    // what was pasted before is not what is read now
    setPasted('');
    onGiven(await Promise.all(files.map(async (file) => ({ name: file.name, text: await textOf(file) }))));
  };
  const { getRootProps, getInputProps, open, isDragActive } = useDropzone({
    onDrop: (accepted, rejected) => void bring([...accepted, ...rejected.map(({ file }) => file)]),
    noClick: true,
    noKeyboard: true,
  });
  return (
    <div
      {...getRootProps({ role: 'presentation' })}
      className={styles.source}
      data-dragging={isDragActive || undefined}
    >
      <input {...getInputProps({ 'aria-label': 'Files' })} />
      <p>
        {says}{' '}
        <ToolButton onClick={open}>
          <FileUp size={14} aria-hidden /> Choose files…
        </ToolButton>
      </p>
      <Label htmlFor={id}>Or paste it here</Label>
      <TextArea
        id={id}
        className={`number ${styles.pasted}`}
        placeholder={placeholder}
        spellCheck={false}
        value={pasted}
        onPaste={(event) => {
          const text = event.clipboardData.getData('text/plain');
          if (text.length <= LONGEST_SHOWN) return;
          event.preventDefault();
          setPasted('');
          onGiven([{ name: PASTED, text }]);
        }}
        onChange={({ target: { value } }) => {
          setPasted(value);
          onGiven(value.trim() === '' ? [] : [{ name: PASTED, text: value }]);
        }}
      />
    </div>
  );
}

/** The text of a file: UTF-16 where its mark says so, otherwise UTF-8. */
async function textOf(file: File): Promise<string> {
  const mark = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  return utf16Text(mark) === null ? file.text() : (utf16Text(new Uint8Array(await file.arrayBuffer())) ?? '');
}
