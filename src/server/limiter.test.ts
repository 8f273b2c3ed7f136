import { describe, expect, it } from 'vitest';
import { demoIsOpen } from './demo';
import { limitRequests, REQUESTS } from './limiter';

describe('requests are counted', () => {
  it('by address for strangers: what they ask shuts no member out, at the same address or another', async () => {
    for (let i = 0; i < REQUESTS.most; i++) await limitRequests('address', '192.0.2.9');
    await expect(limitRequests('address', '192.0.2.9')).rejects.toMatchObject({ status: 429 });
    await limitRequests('address', '192.0.2.10');
    await limitRequests('member', 'ada');
  });
  it('by member for members, each alone', async () => {
    for (let i = 0; i < REQUESTS.most; i++) await limitRequests('member', 'bo');
    await expect(limitRequests('member', 'bo')).rejects.toMatchObject({
      status: 429,
      headers: { 'retry-after': expect.stringMatching(/^\d+$/) },
    });
    await limitRequests('member', 'cy');
  });
});

describe('one click at the door', () => {
  it.each([
    ['yes', '127.0.0.1', true],
    ['yes', '::1', true],
    ['yes', '::ffff:127.0.0.1', true],
    ['yes', '192.0.2.4', false],
    ['yes', '', false],
    ['yes', 'local', false],
    ['no', '127.0.0.1', false],
    [undefined, '127.0.0.1', false],
  ])('demo %s, from %s: %s', (demo, who, open) => {
    const before = process.env['VAST_CLEAT_DEMO'];
    if (demo === undefined) delete process.env['VAST_CLEAT_DEMO'];
    else process.env['VAST_CLEAT_DEMO'] = demo;
    expect(demoIsOpen(who)).toBe(open);
    if (before === undefined) delete process.env['VAST_CLEAT_DEMO'];
    else process.env['VAST_CLEAT_DEMO'] = before;
  });
});
