import { ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';

/** What lies between the studio and a dialog in its middle. */
export const Veil = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  background: rgb(27 38 49 / 0.5);
  display: grid;
  place-items: center;
  z-index: 5;
`;
