/** Answers signed, sent and kept: what was said to whom, on which edition of the guide. */
package oilcloth.server.answers;
