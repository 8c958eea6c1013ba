/** What a check is, what it finds, and the registry of all of them. */
package oilcloth.check;
