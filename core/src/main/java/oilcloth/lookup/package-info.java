/** The answer for the phone: from a few words to the tested process, or the question to ask back. */
package oilcloth.lookup;
