/** Words that several of the deeds ask about. */

export const RACK = /\b(?:rack|trivet|steamer basket)\b/i;

export const ON_IT = /\b(?:on|in) (?:it|there|this|top of it)\b/i;
