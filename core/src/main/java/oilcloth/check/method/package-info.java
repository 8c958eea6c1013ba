/** How the jars are processed. */
package oilcloth.check.method;
