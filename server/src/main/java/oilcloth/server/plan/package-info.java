/** The day plan over HTTP. */
package oilcloth.server.plan;
