import { pool } from '@/db/pool';
import { linkOf } from '@/server/members';
import { Refusal } from '@/server/problem';
import { Join } from '@/ui/door/Join';
import { Notice } from '@/ui/frame/Notice';
import { wordIssue } from '@/wording/issues';

export const metadata = { title: 'Join · Vast Cleat', referrer: 'no-referrer' };

/** Where a one-time link leads. */
export default async function JoinPage({ params }: { params: Promise<{ token: string }> }) {
  const { token } = await params;
  try {
    const { crewName, role } = await linkOf(pool(), token);
    return <Join token={token} crew={crewName} role={role} />;
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    return (
      <main>
        <Notice title="This link leads nowhere now">
          <p>{error.issues.map(wordIssue).join(' ')}</p>
        </Notice>
      </main>
    );
  }
}
