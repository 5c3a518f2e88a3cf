/** What a method tells of beside the pot while that is left to itself, and its minutes. */

/** What says first that the pot is left to itself. */
export const MEANWHILE_FIRST =
  /^\W*(?:(?:\d{1,2}[.)]|step \d+\W?)\s*)?(?:meanwhile|meantime|in the mean ?(?:time|while)|(?:during|in) (?:this|that|the) (?:time|cooking)|while (?:it|that|this|they|the \p{L}+(?: \p{L}+)?)(?:['’]s| is| are)? (?:cook|pressur|braise|stew|bubbl|go|work|com(?:es|ing) (?:up|to|down)|happen|releas|depressur|drop|fall|sink|vent|rest|stand|under|in the)\p{L}*|as (?:it|they|the \p{L}+) cooks?|while (?:you(?:['’]re)? |we(?:['’]re)? )?wait(?:ing)?|while (?:it|that|the \p{L}+(?: \p{L}+)?) does (?:its|the) \p{L}+|(?:with|when there are|when there['’]s) (?:about )?(?:\d+|five|ten|fifteen|twenty) (?:minutes|mins?) (?:to go|left|remaining)|(?:once|when|as soon as) (?:it|that|the \p{L}+)(?:['’]s| is| has)? (?:at|under|up to|come (?:up )?to|reached|closed|locked)(?: full| high)?(?: pressure)?)\b/iu;
/** "Fry the mushrooms while the beef cooks". */
export const MEANWHILE_LAST =
  /\b(?:while|as) (?:it|that|the \p{L}+)(?: \p{L}+)?(?:['’]s| is| are)? (?:cook|pressure|braise|stew|under pressure|in the (?:pot|cooker))\p{L}*\W*$/iu;
/** What says that the pot is left to itself. */
export const MEANWHILE = new RegExp(`${MEANWHILE_FIRST.source}|${MEANWHILE_LAST.source}`, 'iu');

/** Of a bowl, a jug, a soaking or a pickle. */
const OF_A_BOWL =
  /\b(?:in|into|to) (?:a|an|another|the) (?:\p{L}+ ){0,2}(?:bowl|jug|jar|basin)\b|\b(?:soak|steep|pickle|macerate|marinate)\b|\bpour (?:over|on)\b.*\bboiling\b|\bcouscous\b/iu;
const OF_THE_LID = /\b(?:lid|pressure|releas\w*|vent\w*|valve|cooker|pot|NPR|QR|steam|pin|naturally)\b/i;
const IS_LEFT =
  /\b(?:leave|let (?:it|them|the \p{L}+)?|stands?|sit|rest|wait|set aside)\b[^.!?;]{0,40}?\b\d+(?: ?[-–] ?\d+)? minutes?\b/giu;

/** A method without the minutes that something stands in a bowl of its own: they are no release. */
export const withoutBowls = (method: string): string =>
  method.replace(/[^.!?\n]+/gu, (sentence) =>
    (MEANWHILE_FIRST.test(sentence) || OF_A_BOWL.test(sentence)) && !OF_THE_LID.test(sentence)
      ? sentence.replace(IS_LEFT, 'set aside')
      : sentence,
  );
