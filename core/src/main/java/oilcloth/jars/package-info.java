/** What to do with jars already made. */
package oilcloth.jars;
