/** Quantities with their unit in the type: volume, mass, headspace, altitude, minutes, pressure, jars. */
package oilcloth.measure;
