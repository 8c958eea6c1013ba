/**
 * What to do then: the edits that make a recipe sound, what each costs the canner, the text with the edits marked, and
 * what to make instead where no set of edits will do.
 */
package oilcloth.correcting;
