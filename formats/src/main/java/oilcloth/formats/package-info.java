/** Texts in and documents out: plain text, HTML, JSON-LD, and the review as JSON. Libraries live here, not in the core. */
package oilcloth.formats;
