import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, it } from 'vitest';
import { importFile } from './work';

it('says of an import that its database is away', async () => {
  // Nobody listens there.
  process.env['DATABASE_URL'] = 'postgres://nobody@127.0.0.1:1/nothing';
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'away-')), 'table.csv');
  writeFileSync(file, 'tag,material,size (mm),length (m)\nA-1,manila,12,3\n');
  const id = '0190b5a0-0000-7000-8000-000000000000';
  const work = {
    file,
    from: 'csv',
    keep: 'all',
    crewId: id,
    memberId: id,
    now: new Date(),
  } as const;
  expect(await importFile(work)).toMatchObject({ ok: false, issues: [{ code: 'database-away' }] });
});
