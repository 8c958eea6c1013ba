/** Time and pressure rows by altitude, the boiling point and the sterilising rule. */
package oilcloth.heat;
