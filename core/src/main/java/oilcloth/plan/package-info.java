/** A day of canning laid out on a clock. */
package oilcloth.plan;
