/**
 * Phrases that say nothing: true of any shop, and on every second site. Gathered from common practice. None is ever produced, and in a
 * seller's own text they are pointed at.
 */
export const stockPhrases: readonly RegExp[] = [
  /\belevat(?:e|es|ing) (?:your|the|every)\b/i,
  /\bunlock(?:s|ing)?\b.{0,30}\b(?:potential|power|world|secrets?)\b/i,
  /\b(?:take|takes|taking) .{0,20}\bto the next level\b/i,
  /\bhigh[- ]quality (?:products?|items?|goods|materials?)\b/i,
  /\b(?:best|world)[- ](?:in[- ])?class\b/i,
  /\bone[- ]stop[- ]shop\b/i,
  /\blook no further\b/i,
  /\b(?:passionate|passion) (?:about|for)\b/i,
  /\bcustomer satisfaction\b/i,
  /\bwe (?:pride ourselves|are proud to|strive to|are committed to|are dedicated to)\b/i,
  /\bsomething for everyone\b/i,
  /\bmade with love\b/i,
  /\bcurated (?:collection|selection|range)\b/i,
  /\bwhether you(?:'re| are)\b/i,
  /\bin today['’]s (?:fast-paced )?world\b/i,
  /\bat the heart of\b/i,
  /\bseamless(?:ly)?\b/i,
  /\b(?:cutting|leading)[- ]edge\b/i,
  /\bgame[- ]chang(?:er|ing)\b/i,
  /\bstate[- ]of[- ]the[- ]art\b/i,
  /\bunparalleled\b/i,
  /\btimeless (?:elegance|beauty|design)\b/i,
  /\battention to detail\b/i,
  /\bnot just (?:an? )?\w+[,—–-]+ ?(?:it['’]s|but)\b/i,
  /\bembark on\b/i,
  /\bindulge (?:in|yourself)\b/i,
  /\bdiscover (?:the|our|your|a world)\b/i,
  /\bexperience the\b/i,
  /\bbring(?:s|ing)? .{0,25}\bto life\b/i,
  /\bwelcome to (?:our|my|the) (?:website|site|shop|store|world)\b/i,
  /\bthank you for visiting\b/i,
  /\bsolutions? (?:for|to) (?:all )?your\b/i,
  /\byour (?:satisfaction|comfort) is\b/i,
  /\bsince day one\b/i,
  /\btruly (?:unique|special)\b/i,
  /\bone of a kind experience\b/i,
];

/** The stock phrases in a text, as they stand there. */
export const stockIn = (text: string): string[] => stockPhrases.flatMap((phrase) => phrase.exec(text)?.[0] ?? []);
