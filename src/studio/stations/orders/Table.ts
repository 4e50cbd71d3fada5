import styled from 'styled-components';
import { tokens } from '../../theme';

/** A table of figures: numbers stand to the right. */
export const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  th,
  td {
    text-align: left;
    padding: 8px 12px 8px 0;
    border-bottom: 1px solid ${tokens.line};
    vertical-align: baseline;
    font-weight: 400;
  }
  thead th {
    font-weight: 600;
    font-size: 13.5px;
    border-color: ${tokens.ink};
  }
  td.sum,
  th.sum {
    text-align: right;
  }
  tr[aria-selected='true'] {
    background: ${tokens.verdigrisPale};
  }
`;
