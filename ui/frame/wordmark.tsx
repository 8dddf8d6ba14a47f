/** Ypsiline's mark: three column tops that meet in one stem. */
export function Wordmark({ size = 18 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 18 18" aria-hidden="true">
      <rect x="0" y="0" width="5" height="9" fill="#cfa6e6" />
      <rect x="13" y="0" width="5" height="9" fill="#cfa6e6" />
      <rect x="6.5" y="5" width="5" height="13" fill="#a06bb8" />
    </svg>
  );
}
