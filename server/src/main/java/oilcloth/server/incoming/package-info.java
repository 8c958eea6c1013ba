/** What came in: in which order, whose it is, when to look again, and what is like it. */
package oilcloth.server.incoming;
