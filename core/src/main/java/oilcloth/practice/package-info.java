/** Recipes to practise on, and how a marked one is scored against the engine. */
package oilcloth.practice;
