/** Benchmarks of the engine; run by the bench command. */
package oilcloth.bench;
