/** What is in the jar against what was tested. */
package oilcloth.check.ingredient;
