/** Cases with their reviews and replies. */
package oilcloth.server.cases;
