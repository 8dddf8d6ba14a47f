import { Link } from '../ui/parts/link';

export default function NotFound() {
  return (
    <main id="content" className="page">
      <h1>There is nothing here</h1>
      <p>This page does not exist, or it belongs to a team that you are not in.</p>
      <Link href="/">To the specifications</Link>
    </main>
  );
}
