/** Practice for volunteers: marking recipes, scored against the engine. */
package oilcloth.server.practice;
