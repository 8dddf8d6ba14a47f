import { editionFile, valuesOf } from '../../../../../edition-files';

/** What follows from the edition's document at each reference size: exact values, edges, sums, spacing, text. */
export const GET = editionFile('application/json', 'values.json', valuesOf);
