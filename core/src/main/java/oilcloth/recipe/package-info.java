/** The recipe as read, the facts it states, and the two kinds of change: assertions and edits. */
package oilcloth.recipe;
