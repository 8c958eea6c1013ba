/** Security, errors in plain words, and deep links to the client. */
package oilcloth.server.web;
