/** Brine strength, acid per jar and proportions against a tested recipe. */
package oilcloth.acidity;
