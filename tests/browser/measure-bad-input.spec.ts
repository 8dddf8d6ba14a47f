import { expect, test } from '@playwright/test';
import { builtPage, demoSpec, html, measured, withSite } from './built-site';

const CHROMIUM = process.env.YPSILINE_CHROMIUM!;
const passenger = demoSpec('Passenger site');

test('what cannot be measured is said in a sentence each', async () => {
  const [front] = passenger.layouts;
  const page = builtPage(passenger, front!);
  const moving = page.replace(
    '</body>',
    '<div id="on" style="position: absolute; inset: 0 auto auto 0; inline-size: 9px; block-size: 9px; background: red"></div><script>let x = 0; setInterval(() => { document.getElementById("on").style.left = `${x++ % 300}px` }, 20)</script></body>',
  );
  await withSite(
    (path, request, response) => {
      if (path === '/silent') return;
      if (path === '/round') return response.writeHead(302, { Location: '/round' }).end();
      if (path === '/broken') return response.writeHead(500).end('no');
      if (
        path === '/closed' &&
        request.headers.authorization !== 'Bearer let-me-in' &&
        request.headers.cookie !== 'session=let-me-in'
      )
        return response.writeHead(401).end();
      if (path === '/private') return response.writeHead(302, { Location: '/enter' }).end();
      if (path === '/enter') return html('<input type="password">')(path, request, response);
      if (path === '/asks')
        return html(page.replace('</body>', '<script>alert("Subscribe?")</script></body>'))(path, request, response);
      if (path === '/moves') return html(moving)(path, request, response);
      if (path === '/huge') return html(`<!doctype html>${'<i></i>'.repeat(60_000)}`)(path, request, response);
      html(page)(path, request, response);
    },
    async (site) => {
      const said = async (path: string, ...args: string[]) => {
        return measured(CHROMIUM, passenger, ['--widths', '412', '--url', `${site}${path}`, ...args]);
      };
      const refused = [
        ['/silent', ['--timeout', '1'], 'hasn’t come after 1 s'],
        ['/round', [], 'redirects for ever'],
        ['/broken', [], 'answers 500'],
        ['/closed', [], 'answers 401. Give what signs in with --header or --cookie'],
        ['/private', [], 'where one signs in'],
        ['/', ['--wait', '.never', '--timeout', '8'], 'has no .never after 8 s'],
        ['/', ['--header', 'no colon'], '--header can’t be read'],
        ['/', ['--widths', '12'], '--widths is “12”'],
      ] as const;
      await Promise.all(
        refused.map(async ([path, args, sentence]) => {
          const { status, says } = await said(path, ...args);
          expect(says, path).toContain(sentence);
          expect(status, path).toBe(2);
        }),
      );
      for (const secret of [
        ['--header', 'Authorization: Bearer let-me-in'],
        ['--cookie', 'session=let-me-in'],
      ]) {
        const { status, says } = await said('/closed', ...secret, '--json');
        expect(status).toBe(0);
        expect(says).not.toContain('let-me-in');
      }
      expect((await said('/asks')).says).toContain('A dialog was closed: “Subscribe?”');
      const moves = await said('/moves');
      expect(moves.says).toContain('The page moves all the time: #on');
      expect(moves.status).toBe(1);
      expect((await said('/moves', '--ignore', '#on')).status).toBe(0);
      const huge = await said('/huge');
      expect(huge.says).toContain('has 60,000 elements; at most 50,000 can be measured');
      expect(huge.status).toBe(1);
    },
  );
  const gone = await measured(CHROMIUM, passenger, ['--url', 'http://127.0.0.1:9/']);
  expect(gone.says).toMatch(/port that browsers don’t open|isn’t answered/);
  const none = await measured('/no/such/browser', passenger, ['--url', 'http://127.0.0.1:9/']);
  expect(none).toMatchObject({ status: 2, says: expect.stringContaining('--browser: there is no /no/such/browser') });
});
