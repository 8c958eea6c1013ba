/** The immutable guide snapshot: tested processes, tested recipes, foods, sources, proof state. */
package oilcloth.guide;
