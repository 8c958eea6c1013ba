/** The space at the top of the jar. */
package oilcloth.check.headspace;
