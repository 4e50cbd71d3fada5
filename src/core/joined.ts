/** Small words and articles that Arabic and Hebrew write together with the word behind them: "بالدولار", "בשקלים". */
const joinedOn = /^(?:[وفبكل]?ال|لل|[وبل]|[ובלהמ]{1,2})(?=[\p{Script=Arabic}\p{Script=Hebrew}]{3})/u;

/** A word without what its script joins on before it; the word itself where nothing is. */
export const withoutJoined = (word: string): string => word.replace(joinedOn, '');
