/** All cases reviewed again when the guide changes, and what became of them. */
package oilcloth.server.revision;
