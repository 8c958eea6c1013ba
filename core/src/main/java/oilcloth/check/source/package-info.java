/** What the canner goes by: its age, and whether anybody tested it. */
package oilcloth.check.source;
