'use client';

import { useState } from 'react';
import { catalogueForms } from '@/core/goods/page';
import { Notice, QuietButton, Row, Soft } from '../../parts';
import { download } from '../../projects';
import { type ShopState } from '../../useShop';

/** The catalogue as the shop has it, to be taken anywhere and brought in again. */
export function TakeAway({ shop }: { shop: ShopState }) {
  const [wrong, setWrong] = useState('');
  const take = ({ id, type }: (typeof catalogueForms)[number]) => {
    const slug = shop.summary?.slug ?? 'shop';
    shop.worker?.ask('catalogue', { form: id }).then(
      (bytes) => {
        setWrong('');
        download(bytes, `${slug}-goods.${id}`, type);
      },
      (error: unknown) => setWrong(`The file could not be made: ${error instanceof Error ? error.message : String(error)}`),
    );
  };
  return (
    <section aria-label="Take the catalogue away" style={{ display: 'grid', gap: 8 }}>
      <h3>Take the catalogue away</h3>
      <Soft>With all that you changed. Brought in again, each thing is known by its name in the file.</Soft>
      {wrong ? <Notice $kind="mend">{wrong}</Notice> : null}
      <Row>
        {catalogueForms.map((form) => (
          <QuietButton key={form.id} onPress={() => take(form)}>
            {form.name}
          </QuietButton>
        ))}
      </Row>
    </section>
  );
}
