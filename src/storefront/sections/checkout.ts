import { countries } from '@/core/lexicon/about';
import { regionsOf } from '@/core/lexicon/page';
import { type TillRules } from '@/core/till';
import { noScripts } from '../pieces/noScripts';
import { languageOf } from '@/core/phrases';
import { drawText, own, say, type Drawing, type SectionContext } from '../context';
import { html, type Markup } from '../html';

const everyCountry = countries.map(({ code }) => code);

/** Every country that the shop delivers to. Where a zone takes the rest of the world, the list of countries is that of the standard. */
function countriesOf(rules: TillRules, all: readonly string[]): { code: string; name: string }[] {
  const named = rules.zones.flatMap((zone) => zone.countries).filter((code) => code !== '*');
  const codes = rules.zones.some((zone) => zone.countries.includes('*')) ? [...new Set([...named, ...all])] : [...new Set(named)];
  const withHome = codes.length ? codes : rules.country ? [rules.country] : [...all];
  const language = languageOf(rules.locale);
  const names = new Intl.DisplayNames([language], { type: 'region' });
  return withHome.map((code) => ({ code, name: names.of(code) ?? code })).sort((a, b) => a.name.localeCompare(b.name, language));
}

/** The parts of countries that delivery or tax depends on. */
function regionsAsked({ zones, tax }: TillRules): { country: string; code: string; name: string }[] {
  const named = new Set([
    ...zones.flatMap(({ countries: where, regions }) => where.flatMap((country) => regions.map((code) => `${country}-${code}`))),
    ...tax.places.filter(({ region }) => region).map(({ country, region }) => `${country}-${region}`),
  ]);
  const asked = [...new Set([...named].map((name) => name.slice(0, 2)))];
  return asked.flatMap((country) =>
    regionsOf(country).flatMap(({ code, name }) => (named.has(`${country}-${code}`) ? [{ country, code, name }] : [])),
  );
}

const field = (
  c: SectionContext<'checkout'>,
  name: string,
  label: string,
  autocomplete: string,
  options: { type?: string; required?: boolean; wide?: boolean } = {},
): Markup =>
  html`<p class="field${options.wide ? ' wide' : ''}">
    <label for="f-${name}"
      >${label}${options.required === false ? html` <small>(${say(c).checkout.ifYouLike})</small>` : null}</label
    ><input
      id="f-${name}"
      name="${name}"
      type="${options.type ?? 'text'}"
      autocomplete="${autocomplete}"
      ${options.required === false ? null : html` required aria-describedby="e-${name}"`}
    /><span class="error" id="e-${name}" data-error="${name}"></span>
  </p>`;

const draw: Drawing<'checkout'>['draw'] = (c) => {
  const { rules } = c.shop;
  const { zones, payments } = rules;
  const card = payments.card && c.target.kind !== 'archive';
  const home = rules.country;
  const regions = regionsAsked(rules);
  const { checkout: words, drawn } = say(c);
  const [agree, terms, read, kept, end] = words.agree;
  return html`<section class="text checkout" ${own(c)}>
    ${drawText(c, 'heading', 'h1')}${noScripts(c)}
    <p class="notice" data-empty hidden>${words.emptyCart} <a href="${c.addresses.page('shop/')}">${drawn.toTheShop}</a></p>
    <div data-changes></div>
    <form data-checkout novalidate hidden>
      <div class="checkout-fields">
        <div class="error-summary" data-errors role="alert" tabindex="-1" hidden></div>
        <fieldset>
          <legend>${words.who}</legend>
          ${field(c, 'name', words.name, 'name', { wide: true })}${field(c, 'email', words.email, 'email', { type: 'email' })}${field(c, 'phone', words.phone, 'tel', { type: 'tel', required: false })}
          <div data-parcel>
            ${field(c, 'street', words.street, 'address-line1', { wide: true })}${field(c, 'place', words.town, 'address-level2')}${field(c, 'postcode', words.postcode, 'postal-code')}
          </div>
          <p class="field wide">
            <label for="f-country">${words.country}</label
            ><select id="f-country" name="country" autocomplete="country">
              ${countriesOf(rules, everyCountry).map(
                ({ code, name }) => html`<option value="${code}" ${code === home ? html` selected` : null}>${name}</option>`,
              )}
            </select>
          </p>
          ${
            regions.length
              ? html`<p class="field wide" data-region hidden>
                  <label for="f-region">${words.region}</label
                  ><select id="f-region" name="region" autocomplete="address-level1">
                    <option value="">${words.elsewhere}</option>
                    ${regions.map(
                      ({ country, code, name }) => html`<option value="${code}" data-country="${country}">${name}</option>`,
                    )}
                  </select>
                </p>`
              : null
          }
        </fieldset>
        <fieldset data-delivery>
          <legend>${words.delivery}</legend>
          <div class="choices stacked" data-rates></div>
          ${zones.length ? null : html`<p class="notice">${words.noRates}</p>`}
        </fieldset>
        <fieldset>
          <legend>${words.payment}</legend>
          <div class="choices stacked">
            ${
              card
                ? html`<label
                    ><input type="radio" name="payment" value="card" checked /><span
                      >${words.byCard}<small> ${words.onProvidersPage}</small></span
                    ></label
                  >`
                : null
            }${
              payments.bank || !card
                ? html`<label
                    ><input type="radio" name="payment" value="bank" ${card ? null : html` checked`} /><span
                      >${payments.bank ? html`${words.byBank}<small> ${payments.bank}</small>` : html`${words.byArrangement}<small> ${words.shopWrites}</small>`}</span
                    ></label
                  >`
                : null
            }${
              payments.cash
                ? html`<label data-cash
                    ><input type="radio" name="payment" value="cash" /><span
                      >${words.byCash}<small> ${words.whenHanded}</small></span
                    ></label
                  >`
                : null
            }
          </div>
        </fieldset>
        ${
          rules.tax.business
            ? html`<p class="field wide">
                <label for="f-taxNumber">${words.taxNumber} <small>(${words.ifBusiness})</small></label
                ><input id="f-taxNumber" name="taxNumber" autocomplete="off" aria-describedby="e-taxNumber" /><span
                  class="error"
                  id="e-taxNumber"
                  data-error="taxNumber"
                ></span>
              </p>`
            : null
        }
        ${rules.questions.map(({ id, label, required }) => field(c, id, label, 'off', { wide: true, required }))}
        ${
          rules.presents
            ? html`<p class="field wide" data-present>
                <label for="f-present">${words.present} <small>(${words.ifYouLike})</small></label
                ><textarea id="f-present" name="present" rows="2" maxlength="500"></textarea>
              </p>`
            : null
        }
        <p class="field wide">
          <label for="f-note">${words.note} <small>(${words.ifYouLike})</small></label
          ><textarea id="f-note" name="note" rows="2"></textarea>
        </p>
        <p class="consent">
          <label
            ><input type="checkbox" name="consent" required aria-describedby="e-consent" /><span
              >${agree}<a href="${c.addresses.page('terms/')}">${terms}</a>${read}<a href="${c.addresses.page('privacy/')}"
                >${kept}</a
              >${end}</span
            ></label
          ><span class="error" id="e-consent" data-error="consent"></span>
        </p>
      </div>
      <aside class="summary" aria-label="${words.yourOrder}">
        <h2>${words.yourOrder}</h2>
        <div data-summary aria-live="polite"></div>
        <p class="field wide">
          <label for="f-code">${words.discountCode}</label
          ><span class="buy-row"
            ><input id="f-code" name="code" autocomplete="off" /><button type="button" class="button second" data-apply>
              ${words.apply}
            </button></span
          ><span class="error" id="e-code" data-error="code" role="status"></span>
        </p>
        <button class="button" type="submit" data-pay>${c.target.kind === 'archive' ? words.order : words.orderAndPay}</button>
      </aside>
    </form>
  </section>`;
};

export const checkout: Drawing<'checkout'> = {
  draw,
};
