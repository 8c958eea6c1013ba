/** The web application over the core. */
package oilcloth.server;
