/** What the season brought: how many, from where, which hazards, what to teach next. */
package oilcloth.server.season;
