/** Cases in by the folder, and everything out in open formats. */
package oilcloth.server.transfer;
