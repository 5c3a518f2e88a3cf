import type { ReactNode } from 'react';
import Offcanvas from 'react-bootstrap/Offcanvas';
import { useFocusBack } from './focusBack';

/** A panel that slides in from the side and gives the focus back when it goes. */
export function Drawer({
  title,
  isOpen,
  onClose,
  children,
}: {
  title: string;
  isOpen: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  const focusBack = useFocusBack(isOpen);
  return (
    <Offcanvas
      {...focusBack}
      show={isOpen}
      onHide={onClose}
      placement="end"
      className="drawer"
      aria-labelledby="drawer-title"
    >
      <Offcanvas.Header closeButton closeLabel="Close">
        <Offcanvas.Title as="h2" id="drawer-title">
          {title}
        </Offcanvas.Title>
      </Offcanvas.Header>
      <Offcanvas.Body>{isOpen && children}</Offcanvas.Body>
    </Offcanvas>
  );
}
