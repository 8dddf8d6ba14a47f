import { GROUND_TONES } from './ground-tones';

/**
 * How blocks look inside, and the grounds of sections: the part of `layout.css` that is the same for every layout. A block’s own rule gives the pads and gaps (`--pad`, `--gap`,
 * `--high`), that of a section how far its ground goes out (`--before`, `--after`) and down (`--to-next`). In a layout a text stands where the layout says, not where its style would put it.
 */
export const INSIDE_BLOCKS = `.layout {
  --ground-light: ${GROUND_TONES.light};
  --ground-strong: ${GROUND_TONES.strong};
  --ground-dark: ${GROUND_TONES.dark};
}

.layout > [data-ground] {
  border-image: conic-gradient(var(--ground) 0 0) fill 0 / 0 / 0 0 var(--to-next, 0px);
}

.layout > [data-ground-to='screen'] {
  border-image-outset: 0 var(--after) var(--to-next, 0px) var(--before);
}

.layout > [data-ground-to='screen']:dir(rtl) {
  border-image-outset: 0 var(--before) var(--to-next, 0px) var(--after);
}

.layout > [data-ground='light'] {
  --ground: var(--ground-light);
}

.layout > [data-ground='strong'] {
  --ground: var(--ground-strong);
}

.layout > [data-ground='dark'] {
  --ground: var(--ground-dark);

  color: #fff;
}

.layout :is([data-holds='text'], [data-holds='list'], [data-block] [class^='type-']) {
  margin: 0;
  padding: 0;
}

.layout [data-holds='picture'] {
  position: relative;
  background: color-mix(in srgb, currentcolor 20%, transparent);
}

.layout [data-holds='picture'] > * {
  position: absolute;
  inset: 0;
  inline-size: 100%;
  block-size: 100%;
  object-fit: cover;
}

.layout [data-holds='area'] {
  background: color-mix(in srgb, currentcolor 20%, transparent);
}

.layout [data-holds='button'] {
  display: grid;
  align-content: stretch;
}

.layout [data-holds='button'] > button {
  box-sizing: border-box;
  margin: 0;
  border: 0;
  border-radius: 4px;
  padding: var(--pad);
  background: ${GROUND_TONES.dark};
  color: #fff;
  text-align: center;
}

.layout [data-width='words'] > button {
  justify-self: start;
}

.layout [data-ground='dark'] [data-holds='button'] > button {
  background: #fff;
  color: ${GROUND_TONES.dark};
}

.layout [data-holds='button'] [data-words] {
  display: block;
}

.layout [data-holds='field'] {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
}

.layout [data-holds='field'] > * {
  text-box: normal;
}

.layout [data-holds='field'] > [data-words] {
  box-sizing: border-box;
  border: 0;
  border-radius: 4px;
  padding: var(--pad);
  background: none;
  box-shadow: inset 0 0 0 1px rgb(128 128 128 / 80%);
  color: inherit;
  resize: none;
  overflow: hidden;
}

.layout [data-holds='field'] > *::before,
.layout [data-holds='field'] > *::after,
.layout [data-holds='table'] > *::before,
.layout [data-holds='table'] > *::after {
  content: none;
}

.layout [data-holds='list'] {
  list-style: none;
}

.layout [data-holds='list'] > li + li {
  margin-block-start: var(--gap);
}

.layout [data-holds='table'] > table {
  inline-size: 100%;
  border-collapse: collapse;
  table-layout: fixed;
  text-align: start;
  text-box: normal;
}

.layout [data-holds='table'] :is(th, td) {
  padding: var(--pad);
  text-align: start;
  vertical-align: top;
  box-shadow: inset 0 -1px color-mix(in srgb, currentcolor 20%, transparent);
}

.layout [data-holds='table'] td::before {
  content: '';
  display: inline-block;
  inline-size: 60%;
  block-size: 0.6em;
  border-radius: 0.3em;
  background: color-mix(in srgb, currentcolor 20%, transparent);
}

.layout [data-holds='quote'] {
  margin-inline: 0;
}

.layout [data-holds='logo'] > * {
  display: block;
  inline-size: auto;
  block-size: var(--high);
}`;
