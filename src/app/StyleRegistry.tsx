'use client';

import { useServerInsertedHTML } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { ServerStyleSheet, StyleSheetManager } from 'styled-components';
import { GlobalStyle } from '@/studio/theme';

/** Sends styles with the first page, so that nothing flashes unstyled. */
export function StyleRegistry({ children }: { children: ReactNode }) {
  const [sheet] = useState(() => new ServerStyleSheet());
  useServerInsertedHTML(() => {
    const styles = sheet.getStyleElement();
    sheet.instance.clearTag();
    return <>{styles}</>;
  });
  const styled = (
    <>
      <GlobalStyle />
      {children}
    </>
  );
  if (typeof window !== 'undefined') return styled;
  return <StyleSheetManager sheet={sheet.instance}>{styled}</StyleSheetManager>;
}
