/** The engine: read, place, check, ask, call. */
package oilcloth.review;
