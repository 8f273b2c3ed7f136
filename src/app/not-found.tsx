import Link from 'next/link';
import { Notice } from '@/ui/frame/Notice';

export default function NotFound() {
  return (
    <main>
      <Notice title="Nothing here">
        <p>
          There is no such page for your crew. It may have been deleted, or belong to another crew.
        </p>
        <p>
          <Link href="/loads">To your loads</Link>
        </p>
      </Notice>
    </main>
  );
}
