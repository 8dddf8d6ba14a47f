import { Link } from '../ui/parts/link';

export default function NotFound() {
  return (
    <main id="content" className="page">
      <h1>Not found</h1>
      <p>This page doesn’t exist, or it belongs to a team you’re not in.</p>
      <Link href="/">All specifications</Link>
    </main>
  );
}
