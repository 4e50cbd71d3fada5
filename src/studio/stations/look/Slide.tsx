import styled from 'styled-components';
import { tokens } from '../../theme';

/** A slider between its name and its figure. */
export const Slide = styled.label`
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) 64px;
  gap: 10px;
  align-items: center;
  font-size: 14px;
  input {
    accent-color: ${tokens.verdigris};
  }
  span:last-child {
    text-align: right;
    color: ${tokens.soft};
  }
`;
