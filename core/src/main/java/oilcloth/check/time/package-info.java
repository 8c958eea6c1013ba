/** Minutes and pressure against the tested row at this altitude. */
package oilcloth.check.time;
