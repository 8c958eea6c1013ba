/** What the canner sent besides the first text: later letters, and photos of the card. */
package oilcloth.server.correspondence;
