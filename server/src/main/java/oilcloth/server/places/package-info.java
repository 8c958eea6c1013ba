/** Places and how high they lie; a small made-up gazetteer stands in for an elevation service. */
package oilcloth.server.places;
