import { type Metadata } from 'next';
import { type ReactNode } from 'react';
import { StyleRegistry } from './StyleRegistry';

export const metadata: Metadata = {
  title: 'Arcatum',
  description: 'A brief and a product list become a real shop.',
  icons: { icon: '/arcatum.svg' },
};

/** Each page is drawn when it is asked for: its scripts carry a word that changes with every one (`proxy.ts`). */
export const dynamic = 'force-dynamic';

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>
        <StyleRegistry>{children}</StyleRegistry>
      </body>
    </html>
  );
}
