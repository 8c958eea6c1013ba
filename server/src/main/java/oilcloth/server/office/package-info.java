/** The office: its name, its address, its own phrases. */
package oilcloth.server.office;
