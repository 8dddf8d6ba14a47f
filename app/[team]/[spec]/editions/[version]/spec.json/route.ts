import { editionFile, jsonOf } from '../../../../../edition-files';

/** The edition's document, byte for byte what its SHA-256 is taken of. */
export const GET = editionFile('application/json', 'spec.json', jsonOf);
