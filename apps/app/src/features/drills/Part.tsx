import type { ReactNode } from 'react';
import { Card } from '../../ui/Card/Card';
import { Heading } from '../../ui/Screen/Screen';

/** A part of a long form. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Card>
      <Heading>{title}</Heading>
      {children}
    </Card>
  );
}
