'use client';

import styled from 'styled-components';
import { tokens } from '../../theme';

/** Things under one another, with a line between. */
export const Lines = styled.ul`
  width: 100%;
  border-top: 1px solid ${tokens.ink};
  li {
    border-bottom: 1px solid ${tokens.line};
    padding: 8px 0;
    display: grid;
    gap: 4px;
  }
  b {
    font-weight: 600;
  }
`;
