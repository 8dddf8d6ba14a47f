'use client';

import NextLink from 'next/link';
import { useRouter } from 'next/navigation';
import type { ComponentProps } from 'react';

type Props = Omit<ComponentProps<typeof NextLink>, 'prefetch' | 'href'> & { href: string };

/**
 * A link to a page of the application. What it leads to is asked for when somebody points at it or reaches it by key, not as soon as
 * it is in sight: a page has twenty of them.
 */
export function Link({ href, onPointerEnter, onFocus, ...props }: Props) {
  const router = useRouter();
  const ahead = (): void => router.prefetch(href);
  return (
    <NextLink
      {...props}
      href={href}
      prefetch={false}
      onPointerEnter={(event) => {
        ahead();
        onPointerEnter?.(event);
      }}
      onFocus={(event) => {
        ahead();
        onFocus?.(event);
      }}
    />
  );
}
