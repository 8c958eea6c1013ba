/** The small sums of the desk: acid for a batch, syrup, brine, salt, jars, loads, scale check, boiling and jelly point. */
package oilcloth.arithmetic;
