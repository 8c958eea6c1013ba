/** The commands over core and formats; no server, no database. */
package oilcloth.cli;
