/** Which tested process, or tested recipe, is this recipe nearest to. */
package oilcloth.placing;
