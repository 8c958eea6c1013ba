/** Who did what, when: a trail the application only adds to. */
package oilcloth.server.audit;
