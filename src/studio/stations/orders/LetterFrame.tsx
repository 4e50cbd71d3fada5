'use client';

import styled from 'styled-components';
import { tokens } from '../../theme';

const Frame = styled.iframe`
  display: block;
  border: 1px solid ${tokens.line};
  background: #fff;
  max-width: 100%;
`;

/** A letter as a mail program shows it: nothing in it runs, and its links lead nowhere here. */
export const LetterFrame = ({
  html,
  title,
  width,
  height = 460,
}: {
  html: string;
  title: string;
  width: number;
  height?: number;
}) => <Frame sandbox="" srcDoc={html} title={title} width={width} height={height} />;
