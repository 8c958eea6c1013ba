/** The public form: a canner sends a recipe without signing in, and reads the signed reply by a private link. */
package oilcloth.server.asking;
