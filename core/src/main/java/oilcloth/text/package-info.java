/** Half-open UTF-16 ranges into the text shown, tokens and sentences. */
package oilcloth.text;
