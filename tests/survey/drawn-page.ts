import type { Box, Screen } from '../../core/survey/screens';
import { type Random, randomOf } from '../browser/model/random';

/** How a block of a drawn page looks; every page mixes them. */
const LOOKS = ['fill', 'fill', 'card', 'border', 'shadow', 'photo', 'dark'] as const;
const FILLS = ['#dfe6ea', '#e9dcc8', '#c9dccf', '#f0f0f0', '#b7c8e0', '#e5b9a6'];
const WORDS =
  'ferry tide slip harbour crossing morning boat ticket school bell quay north sound island wind rope'.split(' ');

/**
 * A page of boxes as HTML: blocks with grounds, borders, shadows, photographs, and in them lines of text. What of it can be seen in a picture is
 * what the survey has to find.
 */
export function pageHtml({ width, height, boxes }: Screen, seed: number): string {
  const random = randomOf(seed);
  const ground = random.oneOf(['#ffffff', '#ffffff', '#f6f7f9', '#faf8f4', '#1c2024']);
  const radius = random.oneOf([0, 0, 4, 8, 16]);
  const asText = random.whole(0, 2) > 0;
  const parts = boxes.map((box) =>
    box.name === 'line' && asText
      ? textOf(box, random)
      : blockOf(box, ground, box.name === 'line' ? 2 : radius, random),
  );
  return `<!doctype html><style>*{margin:0;box-sizing:border-box}body{background:${ground};width:${width}px;height:${height + 40}px;position:relative;overflow-x:hidden}div{position:absolute}</style>${parts.join('')}`;
}

function placed({ x, y, width, height }: Box): string {
  return `left:${x}px;top:${y}px;width:${width}px;height:${height}px`;
}

function textOf(box: Box, random: Random): string {
  const words = Array.from({ length: 60 }, () => random.oneOf(WORDS)).join(' ');
  return `<div style="${placed(box)};font:16px/18px sans-serif;color:#555;overflow:hidden;white-space:nowrap">${words}</div>`;
}

function blockOf(box: Box, ground: string, radius: number, random: Random): string {
  const isSmall = box.name === 'line' || box.name === 'third';
  const look = isSmall ? 'fill' : random.oneOf(LOOKS);
  const isDark = ground === '#1c2024';
  const fill = isSmall ? random.oneOf(['#9aa5b1', '#8a94a0']) : random.oneOf(FILLS);
  const paper = isDark ? '#2b3138' : '#ffffff';
  const style = {
    fill: `background:${fill}`,
    card: `background:${ground === '#ffffff' ? '#f3f4f6' : paper}`,
    border: `border:1px solid ${isDark ? '#4a525b' : '#d5d9de'};background:${paper}`,
    shadow: `background:${ground === '#ffffff' ? '#fdfdfd' : paper};box-shadow:0 2px 10px rgba(0,0,0,.25)`,
    photo: `background:repeating-linear-gradient(${random.whole(10, 80)}deg,#7a94a8 0 7px,#a6b8a0 9px 22px,#54687a 30px 41px),radial-gradient(#fff,#246)`,
    dark: 'background:#33424f',
  }[look];
  return `<div style="${placed(box)};border-radius:${radius}px;${style}"></div>`;
}
