/** Findings set aside, by whom and why. The call of the engine stays as it is. */
package oilcloth.server.dismissals;
