/** The guide this office answers from: phone questions, proofreading, its own processes and recipes, the published file. */
package oilcloth.server.guide;
