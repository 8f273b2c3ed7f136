import Link from 'next/link';

export default function NotFound() {
  return (
    <main style={{ padding: 32 }}>
      <h1>Nothing here</h1>
      <p>There is no such page for your crew. It may have been deleted, or belong to another crew.</p>
      <p><Link href="/loads">To your loads</Link></p>
    </main>
  );
}
