/** Practices known by their words, kept as data. */
package oilcloth.check.practice;
