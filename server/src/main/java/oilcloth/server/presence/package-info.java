/** Who has a case open now. */
package oilcloth.server.presence;
