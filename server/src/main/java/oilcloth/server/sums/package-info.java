/** The desk's small sums over HTTP; the arithmetic is the core's. */
package oilcloth.server.sums;
