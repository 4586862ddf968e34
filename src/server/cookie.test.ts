import { cookie, cookieName } from './cookie';

const under = (PUBLIC_URL: string) => {
  const before = process.env['PUBLIC_URL'];
  process.env['PUBLIC_URL'] = PUBLIC_URL;
  try {
    return [cookieName('mozle_session'), cookie(60).secure];
  } finally {
    if (before === undefined) delete process.env['PUBLIC_URL'];
    else process.env['PUBLIC_URL'] = before;
  }
};

test('over TLS a cookie is bound to this very host; on a plain lab network signing in works all the same', () => {
  expect(under('https://mozle.example')).toEqual(['__Host-mozle_session', true]);
  expect(under('http://10.0.0.7:3000')).toEqual(['mozle_session', false]);
  expect(under('')).toEqual(['mozle_session', false]);
  expect(cookie(60)).toMatchObject({ httpOnly: true, sameSite: 'lax', path: '/', maxAge: 60 });
});
