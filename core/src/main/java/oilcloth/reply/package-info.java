/** The first letter composed from a review. */
package oilcloth.reply;
