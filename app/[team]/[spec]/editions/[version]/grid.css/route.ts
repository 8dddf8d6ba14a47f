import { cssOf, editionFile } from '../../../../../edition-files';

/** The edition's column grids as CSS. */
export const GET = editionFile('text/css', 'grid.css', cssOf);
