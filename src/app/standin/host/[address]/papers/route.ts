import { hostData, mayRead, outboxOf, tillOf } from '@/standins';
import { invoicePdf, packingSlipPdf } from '@/papers';
import { ublOf } from '@/core/till';
import { answering, closed, json, keyOf, refuse } from '../../../doors';
import { faces, fileAnswer } from '../../../papers';

type Call = { params: Promise<{ address: string }> };

/** Papers and letters of an order, for the owner: `?order=…&paper=…` as PDF or (`&form=ubl`) XML, `&slip` the packing slip of all, or (`&slip=1`) of a parcel, `&letter=…`, `&working` how its figures were worked out. */
export const GET = answering<Call>(async (request, { params }) => {
  const { address } = await params;
  const shut = closed(request, address, mayRead(address, keyOf(request)));
  if (shut) return shut;
  const asked = new URL(request.url).searchParams;
  const number = asked.get('order') ?? '';
  const till = tillOf(address);
  if (asked.has('working')) return json(200, { working: till.workingOf(number) });
  const letter = asked.get('letter');
  if (letter !== null) {
    const found = outboxOf(address).find(letter);
    return found?.order === number ? json(200, found) : refuse(404, 'There is no such letter.');
  }
  if (asked.has('slip')) {
    const [order, data] = [till.one(number), hostData(address)];
    if (!order || !data) return refuse(404, 'There is no such order.');
    const slip = asked.get('slip') ?? '';
    const parcel = slip ? order.books.parcels[Number(slip) - 1] : null;
    if (parcel === undefined) return refuse(404, 'There is no such parcel.');
    return fileAnswer(
      await packingSlipPdf(order, parcel?.lines ?? null, data.name, data.rules.locale, faces()),
      `slip-${[number, slip].filter(Boolean).join('-')}.pdf`,
      'application/pdf',
    );
  }
  const paper = till.paperOf(number, asked.get('paper') ?? '');
  if (!paper) return refuse(404, 'There is no such paper.');
  const name = paper.number.replace(/[^\w.-]+/g, '-');
  if (asked.get('form') !== 'ubl') return fileAnswer(await invoicePdf(paper, faces()), `${name}.pdf`, 'application/pdf');
  return fileAnswer(new TextEncoder().encode(ublOf(paper)), `${name}.xml`, 'application/xml');
});
