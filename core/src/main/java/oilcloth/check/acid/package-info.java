/** Acid enough, of the right kind, in the right place. */
package oilcloth.check.acid;
