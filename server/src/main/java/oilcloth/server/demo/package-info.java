/** The made-up county desk that a first start shows. */
package oilcloth.server.demo;
