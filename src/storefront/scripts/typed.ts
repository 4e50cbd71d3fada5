const formKey = 'arcatum-checkout';

/** What a buyer typed at the checkout, as long as the browser's tab. */
export function keepTyped(typed: Record<string, unknown>): void {
  try {
    sessionStorage.setItem(formKey, JSON.stringify(typed));
  } catch {
    // Storage is shut: the form lasts as long as the page.
  }
}

export function typedBefore(): Record<string, unknown> {
  try {
    const typed: unknown = JSON.parse(sessionStorage.getItem(formKey) ?? 'null');
    return typeof typed === 'object' && typed !== null ? { ...typed } : {};
  } catch {
    // Damaged or shut: nothing was typed.
    return {};
  }
}
