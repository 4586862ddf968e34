'use client';
import Offcanvas from 'react-bootstrap/Offcanvas';
import type { ReactNode } from 'react';

/** A panel at the side of a plan in which one thing of it is edited; without a title it is closed. */
export function SidePanel({
  id,
  title,
  onClose,
  children,
}: {
  readonly id: string;
  readonly title: string | undefined;
  readonly onClose: () => void;
  readonly children: ReactNode;
}) {
  return (
    <Offcanvas show={title !== undefined} onHide={onClose} placement="end" aria-labelledby={id} className="line-editor">
      <Offcanvas.Header closeButton>
        <Offcanvas.Title id={id} as="h2">
          {title}
        </Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>{children}</Offcanvas.Body>
    </Offcanvas>
  );
}
