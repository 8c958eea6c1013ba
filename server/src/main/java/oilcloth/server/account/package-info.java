/** Who may sign in, and as what. */
package oilcloth.server.account;
