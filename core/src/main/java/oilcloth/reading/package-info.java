/** From a canner's plain text to the recipe as read, every reading anchored by its range. */
package oilcloth.reading;
