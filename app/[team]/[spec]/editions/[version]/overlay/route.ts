import { layoutHtml } from '../../../../../../core/formats/layout/layout-html';
import { editionAt } from '../../../../../../server/editions/editions';
import { specAccess } from '../../../../../../server/access/access';
import { nothingHere } from '../../../../../answers';
import { forPeople } from '../../../../../endpoint';

export const GET = forPeople(
  {
    path: '/[team]/[spec]/editions/[version]/overlay',
    does: 'An edition’s trial layouts as a live page, with the overlay over it as a page of a site would have it: by a tag.',
  },
  async ({ person, db, params: { team, spec, version } }) => {
    const access = await specAccess(db, person.id, { team, spec }, 'read');
    const edition = access && (await editionAt(db, access, version));
    if (!edition || edition.document.layouts.length === 0) return nothingHere();
    const address = `/e/${team}/${spec}/${edition.version}`;
    const html = layoutHtml(edition.document)
      .replace('href="layout.css"', `href="${address}/layout.css"`)
      .replace('</body>', `<script src="${address}/overlay.js"></script>\n</body>`);
    return new Response(html, {
      headers: { 'Content-Type': 'text/html; charset=utf-8', 'Cache-Control': 'private, no-store' },
    });
  },
);
